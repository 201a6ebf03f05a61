package velvetkettle.server.reach;

import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.cors.UrlBasedCorsConfigurationSource;

/**
 * Serves this machine only. The server binds to loopback; a foreign Host (a name that somebody
 * points at this machine) and a foreign Origin (another page in the same browser) are refused;
 * nothing may be fetched from elsewhere.
 */
@Configuration
class LoopbackSecurity {
  /** Styles are inline because the control library writes its own; scripts never are. */
  private static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self';"
          + " connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

  private static final List<String> HOSTS = List.of("127.0.0.1", "localhost", "[::1]");

  @Bean
  SecurityFilterChain chain(HttpSecurity http) throws Exception {
    UrlBasedCorsConfigurationSource nobodyElse = new UrlBasedCorsConfigurationSource();
    nobodyElse.registerCorsConfiguration("/**", new CorsConfiguration());
    return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .cors(cors -> cors.configurationSource(nobodyElse))
        // No cookies and no login: a foreign page is stopped by its Origin, so there is no session
        // to forge a request in.
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .requestCache(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                    .referrerPolicy(Customizer.withDefaults()))
        .build();
  }

  /** Text that a database can keep. */
  private static boolean isPlain(String text) {
    return text.codePoints().noneMatch(c -> c == 0 || (c >= 0xD800 && c <= 0xDFFF));
  }

  @Bean
  HttpFirewall ownHostOnly() {
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedHostnames(HOSTS::contains);
    firewall.setAllowedParameterNames(LoopbackSecurity::isPlain);
    firewall.setAllowedParameterValues(LoopbackSecurity::isPlain);
    return firewall;
  }
}
