package baylantern.app.platform;

import baylantern.core.rules.OwnFigures;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Words;
import java.time.Clock;
import java.util.Map;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.mybatis.spring.boot.autoconfigure.SqlSessionFactoryBeanCustomizer;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.transaction.PlatformTransactionManager;

/** The beans every feature shares. */
@Configuration
@org.springframework.boot.context.properties.EnableConfigurationProperties(LanternSettings.class)
@org.springframework.scheduling.annotation.EnableScheduling
class PlatformSetup {

    @Bean
    Clock machineClock() {
        return Clock.systemUTC();
    }

    @Bean
    Rulebook rulebook(Environment said, ObjectProvider<OwnFigures> own, StoreOpen store) {
        return Rulebook.shipped().owned(SaidAtStart.read(said::getProperty).before(new OnceOpen(store, own)));
    }

    /** A farm's own figures lie in its store: an older one that is still being opened is judged by those shipped. */
    private record OnceOpen(StoreOpen store, ObjectProvider<OwnFigures> own) implements OwnFigures {

        @Override
        public @Nullable Double of(String of, String key) {
            return store.is() ? own.getObject().of(of, key) : null;
        }

        @Override
        public Map<String, Double> ofAll() {
            return store.is() ? own.getObject().ofAll() : Map.of();
        }
    }

    @Bean
    PlatformTransactionManager transactionManager(DataSource store, Pen pen) {
        return new QuietEnds(store, pen);
    }

    @Bean
    SqlSessionFactoryBeanCustomizer statements() throws Exception {
        NamedRows statements = Statements.all();
        return factory -> factory.setConfiguration(statements);
    }

    @Bean
    Words words() {
        return Words.shipped();
    }
}
