package ostium.app.web;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the API that the interface's types are made from ({@code ui/src/api/openapi.json}). */
@Configuration
class OpenApiDescription {
    /** Our records always carry all their components, so every property is there; what may be null says so. */
    @Bean
    OpenApiCustomizer everyPropertyIsThere() {
        return api -> {
            api.info(new Info().title("Ostium").version("1"));
            api.servers(null);
            for (Schema<?> schema : api.getComponents().getSchemas().values()) {
                if (schema.getProperties() != null) {
                    schema.setRequired(List.copyOf(schema.getProperties().keySet()));
                }
            }
        };
    }
}
