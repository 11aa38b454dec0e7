package org.livelyladle.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletResponse;
import org.livelyladle.server.web.Refusal;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Session cookie and XSRF header for all that stores, strict headers for all. */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
                    + " connect-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, LocalHost localHost) throws Exception {
        return http.csrf(csrf -> csrf.spa().ignoringRequestMatchers(StatelessPaths::matches))
                .authorizeHttpRequests(requests -> requests
                        // the end of a stream whose beginning was allowed
                        .dispatcherTypeMatchers(DispatcherType.ASYNC)
                        .permitAll()
                        .requestMatchers(StatelessPaths::matches)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .addFilterBefore(new LocalSignInFilter(localHost), AnonymousAuthenticationFilter.class)
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint((request, response, e) -> Refusal.write(
                                        response, HttpServletResponse.SC_UNAUTHORIZED, "Nobody is signed in."))
                                .accessDeniedHandler(
                                        (request, response, e) -> Refusal.write(
                                                response,
                                                HttpServletResponse.SC_FORBIDDEN,
                                                "What stores something wants the value of the cookie XSRF-TOKEN in the header X-XSRF-TOKEN.")))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .build();
    }

    /** Addresses no honest client asks for. */
    @Bean
    RequestRejectedHandler refusing() {
        return (request, response, e) -> Refusal.write(
                response,
                HttpServletResponse.SC_BAD_REQUEST,
                "The address or a header of this request holds what none of ours has.");
    }

    /** Nobody signs in by password; without this bean a password would be made up and logged. */
    @Bean
    UserDetailsService noPasswords() {
        return name -> {
            throw new UsernameNotFoundException("Sign-in by password is not offered");
        };
    }
}
