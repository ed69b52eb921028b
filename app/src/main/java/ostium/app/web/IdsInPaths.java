package ostium.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Nothing is found under what no id can be. */
@Configuration
class IdsInPaths implements WebMvcConfigurer, HandlerInterceptor {
    /** What stands in a path and is no id: addresses of people may have any letters. */
    private static final String ADDRESS = "email";

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables) {
            variables.forEach((name, value) -> {
                if (!name.equals(ADDRESS) && !Ids.canBe(String.valueOf(value))) {
                    throw Problem.notFound();
                }
            });
        }
        return true;
    }
}
