package ostium.app.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ostium.core.edit.Edit;
import ostium.core.site.Node;

/** The description of the API that the interface's types are made from ({@code ui/src/api/openapi.json}). */
@Configuration
class OpenApiDescription {
    /** Types that are one of several, told apart by {@code kind}: the document's nodes, and the edits. */
    private static final List<Class<?>> ONE_OF_SEVERAL = List.of(Node.class, Edit.class);

    /** Our records always carry all their components, so every property is there; what may be null says so. */
    @Bean
    OpenApiCustomizer everyPropertyIsThere() {
        return api -> {
            api.info(new Info().title("Ostium").version("1"));
            api.servers(null);
            ONE_OF_SEVERAL.forEach(type -> named(api, type));
            for (Schema<?> schema : api.getComponents().getSchemas().values()) {
                if (schema.getProperties() != null) {
                    schema.setRequired(List.copyOf(schema.getProperties().keySet()));
                }
            }
        };
    }

    /** Each of the several says its kind as the one word it can be. */
    @SuppressWarnings("rawtypes")
    private static void named(OpenAPI api, Class<?> type) {
        Map<String, Schema> schemas = api.getComponents().getSchemas();
        Schema<Object> any = new Schema<>();
        for (JsonSubTypes.Type each : type.getAnnotation(JsonSubTypes.class).value()) {
            String name = each.value().getSimpleName();
            Schema<?> before = schemas.get(name);
            if (before == null) {
                continue;
            }
            Map<String, Schema> properties = new LinkedHashMap<>();
            properties.put("kind", new StringSchema().addEnumItem(each.name()));
            for (Object part : before.getAllOf() == null ? List.of() : before.getAllOf()) {
                if (((Schema<?>) part).getProperties() != null) {
                    properties.putAll(((Schema<?>) part).getProperties());
                }
            }
            schemas.put(name, new ObjectSchema().properties(properties));
            any.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
        }
        schemas.put(type.getSimpleName(), any);
    }
}
