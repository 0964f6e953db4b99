package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import rampart.server.config.Connections;
import rampart.server.searches.Search;
import rampart.server.searches.Searches;

/**
 * Work whose length others decide, such as reading their drawings: in the queue of searches, one at a time for a person, on threads that give way to
 * everybody else, and ended where it looks up once nobody waits for it.
 */
@Component
class LongWork {
    private final Searches searches;

    LongWork(Searches searches) {
        this.searches = searches;
    }

    /**
     * Runs it and waits for its answer.
     *
     * @param what it is, in a word
     * @throws rampart.server.searches.SearchRefusedException if it is not taken, or ended before it had an answer
     */
    <T> T run(HttpServletRequest request, String what, Function<Search, T> work) {
        return searches.run(
                request.getUserPrincipal().getName(), what, Connections.gone(request), Searches.Onlooker.NONE, work);
    }
}
