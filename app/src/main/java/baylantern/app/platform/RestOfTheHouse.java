package baylantern.app.platform;

import org.springframework.beans.factory.BeanCreationException;
import org.springframework.beans.factory.BeanCreationNotAllowedException;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;

/** Makes what nobody has asked for yet once the farm is open, so that the first visit to a station need not wait for it. A
 * farm that is opened for an import alone closes again at once and has no visitors. */
@Component
@ConditionalOnWebApplication
class RestOfTheHouse {

    private final ConfigurableListableBeanFactory beans;

    RestOfTheHouse(ConfigurableListableBeanFactory beans) {
        this.beans = beans;
    }

    @EventListener(ApplicationReadyEvent.class)
    void follow() {
        Thread rest = new Thread(this::make, "rest-of-the-house");
        rest.setDaemon(true);
        rest.start();
    }

    private void make() {
        try {
            beans.getBeansWithAnnotation(Controller.class);
        } catch (BeanCreationException e) {
            // Where the farm is closed again already, nobody will visit.
            if (!(e.getMostSpecificCause() instanceof BeanCreationNotAllowedException)) {
                throw e;
            }
        }
    }
}
