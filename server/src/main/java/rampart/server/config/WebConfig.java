package rampart.server.config;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.converter.ConverterFactory;
import org.springframework.core.io.Resource;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.CacheControl;
import org.springframework.web.accept.ContentNegotiationStrategy;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.module.SimpleModule;

/** Serves the application's page and its assets; unknown pages get the page, missing assets do not. */
@Configuration(proxyBeanMethods = false)
class WebConfig implements WebMvcConfigurer {
    private static final String PAGES = "classpath:/META-INF/resources/";
    private static final int DEEPEST = 64;

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(PAGES + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(PAGES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PageResolver());
    }

    /** Each address has one answer, in one form: what else a caller says that it would take does not make it a refusal. */
    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer negotiation) {
        negotiation.strategies(List.of(request -> ContentNegotiationStrategy.MEDIA_TYPE_ALL_LIST));
    }

    /** Words in an address mean the same in capitals. */
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverterFactory(new AnyCase());
    }

    @SuppressWarnings("rawtypes")
    private static final class AnyCase implements ConverterFactory<String, Enum> {
        @Override
        public <E extends Enum> Converter<String, E> getConverter(Class<E> type) {
            return text -> {
                for (E constant : type.getEnumConstants()) {
                    if (constant.name().equalsIgnoreCase(text.strip())) {
                        return constant;
                    }
                }
                throw new IllegalArgumentException(text);
            };
        }
    }

    /** JSON nested deeper than any call needs is refused while it is read. */
    @Bean
    JsonFactoryBuilderCustomizer shallow() {
        return builder -> builder.streamReadConstraints(
                StreamReadConstraints.builder().maxNestingDepth(DEEPEST).build());
    }

    @Bean
    JacksonModule wholeText() {
        return new SimpleModule("whole text").addDeserializer(String.class, new WholeText());
    }

    private static final class PageResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            if (path.matches("(api|v3|actuator|error)(/.*)?")) {
                return null;
            }
            Resource found = super.getResource(path, location);
            return found != null ? found : super.getResource("index.html", location);
        }
    }
}
