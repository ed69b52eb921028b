package ostium.app;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import ostium.app.web.Origins;

/** Says in the log that everything is up, demo data included; the start command waits for it. */
@Component
class Ready {
    private static final Logger LOG = LoggerFactory.getLogger(Ready.class);
    private final Origins origins;

    Ready(Origins origins) {
        this.origins = origins;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.LOWEST_PRECEDENCE)
    void say() {
        LOG.info("ready at {}", origins.editor());
    }
}
