package rampart.server.persistence;

import java.util.concurrent.ThreadLocalRandom;
import java.util.function.Supplier;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What the database asks to try again is tried again: two who write to the same places may each wait for the other, and then one is sent back with
 * nothing done. It is done anew as a whole, after a pause that is another for each, so that they do not meet again.
 */
@Configuration(proxyBeanMethods = false)
public class TryAgain {
    /** Sent back so often in a row it is no accident: then the database is said not to answer. */
    private static final int TIMES = 8;

    private static final int LEAST_PAUSE_MS = 3;
    private static final int MOST_PAUSE_MS = 40;

    /** A transaction begun by hand, tried again as a whole. */
    public static TransactionTemplate template(PlatformTransactionManager transactions) {
        return new Again(transactions);
    }

    /** Transactions that methods are declared to be. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor tryAgainAdvisor() {
        MethodInterceptor again = call -> again(() -> {
            try {
                // Each time from the beginning of the chain: a call that has been gone on with once would go past its
                // transaction.
                return ((ProxyMethodInvocation) call).invocableClone().proceed();
            } catch (RuntimeException | Error e) {
                throw e;
            } catch (Throwable e) {
                throw new IllegalStateException("a transaction throws nothing that is checked", e);
            }
        });
        DefaultPointcutAdvisor advisor =
                new DefaultPointcutAdvisor(new AnnotationMatchingPointcut(null, Transactional.class, true), again);
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return advisor;
    }

    /** Within a transaction only the whole of it can be tried again. */
    private static <T> T again(Supplier<T> work) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return work.get();
        }
        for (int time = 1; ; time++) {
            try {
                return work.get();
            } catch (PessimisticLockingFailureException e) {
                if (time == TIMES) {
                    throw e;
                }
                pause(time);
            }
        }
    }

    private static void pause(int time) {
        try {
            Thread.sleep(ThreadLocalRandom.current().nextInt(LEAST_PAUSE_MS, MOST_PAUSE_MS * time));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static final class Again extends TransactionTemplate {
        private static final long serialVersionUID = 1L;

        Again(PlatformTransactionManager transactions) {
            super(transactions);
        }

        @Override
        public <T> T execute(TransactionCallback<T> action) throws TransactionException {
            return again(() -> super.execute(action));
        }
    }
}
