package ostium.app.web;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the owner's interface: its files, and its first page for every address the interface itself knows. */
@Configuration
class Interface implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // The letters sites can be set in, for the screen on which they are chosen.
        registry.addResourceHandler("/letters/**")
                .addResourceLocations("classpath:/ostium/fonts/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePublic());
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
    }

    @Controller
    static class FirstPage {
        @GetMapping({
            "/",
            "/new",
            "/sign-in",
            "/forgotten",
            "/new-password/{token}",
            "/new-address/{token}",
            "/confirm-address/{token}",
            "/recipient/{token}",
            "/invitation/{token}",
            "/account",
            "/mails",
            "/sites",
            "/sites/{id}",
            "/sites/{id}/{screen}",
            // Addresses typed by hand, with a stroke too many or a screen that is not there: the interface says so.
            "/{screen:[a-z-]+}/",
            "/sites/{id}/",
            "/sites/{id}/{screen}/",
            "/{unknown:(?!api|assets|v3|index|favicon)[a-z-]+}"
        })
        String firstPage() {
            return "forward:/index.html";
        }
    }
}
