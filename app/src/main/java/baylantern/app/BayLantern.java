package baylantern.app;

import baylantern.app.exchange.ImportCommand;
import baylantern.app.exchange.RestoreCommand;
import baylantern.app.platform.SaidAtStart;
import baylantern.app.platform.StartOptions;
import baylantern.app.platform.Statements;
import baylantern.app.sound.CheckCommand;
import baylantern.app.sound.Seal;
import baylantern.core.rules.Rulebook;
import java.util.function.Function;
import org.jspecify.annotations.NullMarked;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.aot.AotDetector;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.SpringProperties;

/** Starts the application: {@code serve} (the default), {@code import FILE}, {@code restore COPY}, {@code check} or {@code grow}. */
@NullMarked
@SpringBootApplication
@MapperScan(
        basePackages = "baylantern.app",
        annotationClass = org.apache.ibatis.annotations.Mapper.class,
        sqlSessionTemplateRef = "sqlSessionTemplate")
public class BayLantern {

    /** Entry point; see {@code ./lantern help}. */
    public static void main(String[] args) {
        StartOptions options = StartOptions.parse(args);
        try {
            SaidAtStart.read(System::getProperty);
        } catch (IllegalArgumentException wrong) {
            throw StartOptions.stop(String.valueOf(wrong.getMessage()));
        }
        if (options.command().equals("import")) {
            System.exit(new ImportCommand(options).run());
        }
        if (options.command().equals("restore")) {
            System.exit(new RestoreCommand(options).run());
        }
        if (options.command().equals("check")) {
            System.exit(new CheckCommand(options).run());
        }
        // What is read from files is read while the store is opened.
        Statements.readAhead();
        new Thread(Rulebook::shipped, "rulebook").start();
        ConfigurableApplicationContext farm;
        String sealed = "--lantern.sealed=" + new Seal(options.data()).whole();
        try (StartOptions.Claim claimed = options.claimDataFolder()) {
            farm = new SpringApplication(BayLantern.class).run(options.springArguments(sealed));
        }
        if (options.command().equals("grow")) {
            System.exit(SpringApplication.exit(farm));
        }
    }

    /** Opens a farm without its screens, does something with it and shuts it. */
    public static <T> T aside(StartOptions options, Function<ApplicationContext, T> work) {
        // What was written down at the build is of a farm with screens.
        SpringProperties.setProperty(AotDetector.AOT_ENABLED, "false");
        try (var claimed = options.claimDataFolder();
                var farm = new SpringApplicationBuilder(BayLantern.class)
                        .web(WebApplicationType.NONE)
                        .run(options.springArguments())) {
            return work.apply(farm);
        }
    }
}
