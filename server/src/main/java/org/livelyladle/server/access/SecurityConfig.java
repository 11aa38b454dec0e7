package org.livelyladle.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.livelyladle.server.web.Refusal;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Session cookie and XSRF header for all that stores, strict headers for all. */
@Configuration
class SecurityConfig {
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
                    + " connect-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";

    private static final String NOT_PAIRED = "This device is not paired, or its invitation has ended."
            + " Scan an invitation, or type the code the host shows.";
    private static final String NOT_INVITED = "This device was not invited to that.";
    private static final String NO_TOKEN =
            "What stores something wants the value of the cookie XSRF-TOKEN in the header X-XSRF-TOKEN.";

    @Bean
    SecurityFilterChain security(HttpSecurity http, LocalHost localHost, Devices devices, Nearness nearness)
            throws Exception {
        return http.csrf(csrf -> csrf.spa().ignoringRequestMatchers(StatelessPaths::matches, SecurityConfig::isPairing))
                .authorizeHttpRequests(requests -> {
                    // the end of a stream whose beginning was allowed
                    requests.dispatcherTypeMatchers(DispatcherType.ASYNC).permitAll();
                    AccessTable.rows().forEach(row -> allow(requests, row));
                    requests.requestMatchers("/api/**", "/v3/**").hasRole(Role.HOST.name());
                    requests.anyRequest().permitAll();
                })
                .addFilterBefore(new SignInFilter(localHost, devices, nearness), AnonymousAuthenticationFilter.class)
                .exceptionHandling(errors -> errors.authenticationEntryPoint((request, response, e) ->
                                Refusal.write(response, HttpServletResponse.SC_UNAUTHORIZED, NOT_PAIRED))
                        .accessDeniedHandler((request, response, e) -> Refusal.write(
                                response,
                                HttpServletResponse.SC_FORBIDDEN,
                                e instanceof CsrfException ? NO_TOKEN : NOT_INVITED)))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .build();
    }

    private static void allow(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry requests,
            AccessTable.Row row) {
        List<HttpMethod> methods =
                row.method() == HttpMethod.GET ? List.of(HttpMethod.GET, HttpMethod.HEAD) : List.of(row.method());
        for (HttpMethod method : methods) {
            if (row.roles().isEmpty()) {
                requests.requestMatchers(method, row.path()).permitAll();
            } else {
                requests.requestMatchers(method, row.path()).hasAnyRole(row.roleNames());
            }
        }
    }

    /** Who pairs has no session yet; pages of other sites are refused by their origin. */
    private static boolean isPairing(HttpServletRequest request) {
        return request.getRequestURI().equals("/api/pair");
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
