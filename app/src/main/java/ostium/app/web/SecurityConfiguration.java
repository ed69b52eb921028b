package ostium.app.web;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.HeaderWriter;
import org.springframework.security.web.header.writers.CacheControlHeadersWriter;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** Who may ask what of the editor's host. Public sites have a filter of their own and no session. */
@Configuration
class SecurityConfiguration {
    @Bean
    SecurityFilterChain editor(HttpSecurity http, Origins origins, SecurityContextRepository contexts)
            throws Exception {
        return http.csrf(csrf -> csrf.spa().ignoringRequestMatchers("/api/stand-in/calls"))
                .securityContext(context -> context.securityContextRepository(contexts))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.IF_REQUIRED))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .authorizeHttpRequests(requests -> requests
                        // Sites are checked one by one, by account or by key: see SiteAccess.
                        .requestMatchers("/api/**")
                        .permitAll()
                        // What can be asked is told to who has an account.
                        .requestMatchers("/v3/api-docs/**", "/v3/api-docs.yaml")
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .exceptionHandling(errors -> errors.authenticationEntryPoint(
                                (request, response, e) -> response.sendError(HttpServletResponse.SC_UNAUTHORIZED))
                        .accessDeniedHandler(
                                (request, response, e) -> response.sendError(HttpServletResponse.SC_FORBIDDEN)))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(policy(origins)))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN))
                        .cacheControl(
                                org.springframework.security.config.annotation.web.configurers.HeadersConfigurer
                                                .CacheControlConfig::disable)
                        .addHeaderWriter(privateAnswers())
                        .addHeaderWriter(new StaticHeadersWriter("Cross-Origin-Opener-Policy", "same-origin")))
                .build();
    }

    /** Answers about a site are kept by no browser, unless they say that they can be. */
    private static HeaderWriter privateAnswers() {
        return new DelegatingRequestMatcherHeaderWriter(
                PathPatternRequestMatcher.withDefaults().matcher("/api/**"), new CacheControlHeadersWriter());
    }

    /** Ports may be known only once the server listens, so frames may come from any port of the preview's host. */
    private static String policy(Origins origins) {
        return "default-src 'self'; img-src 'self' data:; style-src 'self'; script-src 'self'; connect-src 'self'; "
                + "frame-src " + origins.preview().replaceFirst(":[0-9]+$", "") + ":*; frame-ancestors 'none'; "
                + "base-uri 'none'; form-action 'self'; object-src 'none'";
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder(11);
    }
}
