package org.livelyladle.server.access;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;

/** Session cookie and XSRF header for all that stores, strict headers for all. */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
                    + " connect-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, LocalHost localHost) throws Exception {
        return http.csrf(csrf -> csrf.spa().ignoringRequestMatchers(StatelessPaths::matches))
                .authorizeHttpRequests(requests -> requests.requestMatchers(StatelessPaths::matches)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .addFilterBefore(new LocalSignInFilter(localHost), AnonymousAuthenticationFilter.class)
                .exceptionHandling(errors -> errors.authenticationEntryPoint(
                        (request, response, e) -> response.sendError(HttpServletResponse.SC_UNAUTHORIZED)))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY)))
                .build();
    }

    /** Nobody signs in by password; without this bean a password would be made up and logged. */
    @Bean
    UserDetailsService noPasswords() {
        return name -> {
            throw new UsernameNotFoundException("Sign-in by password is not offered");
        };
    }
}
