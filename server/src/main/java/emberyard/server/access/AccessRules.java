package emberyard.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.session.NullAuthenticatedSessionStrategy;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.HeaderWriterFilter;

/** Who may ask for what. */
@Configuration
public class AccessRules {
  private static final String[] OPEN = {"/api/health", "/api/session", "/api/setup"};

  /** Opened by a token of their own, which opens nothing else. */
  private static final String[] BY_LINK = {"/api/feed", "/api/screens/live"};

  private static final String[] OWNERS = {
    "/api/outbox/**",
    "/api/accounts/**",
    "/api/workshop/**",
    "/api/builds/*/*.csv",
    "/api/builds/*/order/*.csv",
    "/api/builds/*/order/*.pdf",
    "/api/builds/*/order/*.txt",
    "/api/builds/*/export",
    "/api/builds/*/freeze",
    "/api/builds/*/order/money",
    "/api/builds/*/table",
    "/api/builds/*/change-order",
    "/api/builds/*/snapshots/**",
    "/api/builds/*/client",
    "/api/builds/*/concept-sheet.pdf",
    "/api/backup/**",
    "/api/import"
  };

  @Bean
  SecurityFilterChain rules(HttpSecurity http, SessionStore sessions) throws Exception {
    return http.csrf(
            csrf ->
                csrf.spa()
                    // every request signs in anew by its cookie: a new token each time would make
                    // requests under way at once refuse each other
                    .sessionAuthenticationStrategy(new NullAuthenticatedSessionStrategy())
                    .ignoringRequestMatchers(CredentialFilter::byToken))
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterAfter(new PageGuard(), HeaderWriterFilter.class)
        .addFilterBefore(new CredentialFilter(sessions), CsrfFilter.class)
        .authorizeHttpRequests(
            rule ->
                // the end of a stream that was let in when it began
                rule.dispatcherTypeMatchers(DispatcherType.ASYNC)
                    .permitAll()
                    .requestMatchers(OPEN)
                    .permitAll()
                    .requestMatchers(BY_LINK)
                    .permitAll()
                    .requestMatchers(HttpMethod.GET, "/api/workshop", "/api/builds/*/change-order")
                    .authenticated()
                    .requestMatchers(OWNERS)
                    .hasRole(Role.OWNER.name())
                    .requestMatchers("/api/**")
                    .authenticated()
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            refused ->
                refused
                    .authenticationEntryPoint(
                        (request, response, e) ->
                            refuse(response, 401, "Sign in first, or send a token."))
                    .accessDeniedHandler(
                        (request, response, e) ->
                            refuse(
                                response,
                                403,
                                "This is for the owner, or the page is out of date: reload it.")))
        .requestCache(cache -> cache.disable())
        .logout(logout -> logout.disable())
        .build();
  }

  /** There are no users but ours: keeps the framework from inventing one. */
  @Bean
  UserDetailsService nobody() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }

  /** Where the token against foreign pages is kept: a cookie that the page reads. */
  @Bean
  CookieCsrfTokenRepository pageTokens() {
    return CookieCsrfTokenRepository.withHttpOnlyFalse();
  }

  private static void refuse(HttpServletResponse response, int status, String sentence)
      throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write("{\"status\":%d,\"title\":\"%s\"}".formatted(status, sentence));
  }
}
