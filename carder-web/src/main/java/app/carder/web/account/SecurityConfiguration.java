package app.carder.web.account;

import app.carder.web.page.BodyLimit;
import app.carder.web.page.LimitProperties;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.stream.Stream;
import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.DisabledException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.logout.HeaderWriterLogoutHandler;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ClearSiteDataHeaderWriter;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationFilter;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * Sign-in, and the headers that keep a page to itself. Everything needs a signed-in person except what is named here;
 * which role may open which route stands on the route.
 */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

    private static final String SESSION = "SESSION";

    static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' blob:; "
                    + "font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; form-action 'self'; base-uri 'none'; "
                    + "frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder(10);
    }

    /** What a monitor asks comes in at a port of its own, of this machine alone; none of it is about people. */
    @Bean
    @Order(0)
    SecurityFilterChain monitorChain(HttpSecurity http) throws Exception {
        http.securityMatcher(EndpointRequest.toAnyEndpoint())
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable());
        return http.build();
    }

    /** Files that are the same for everybody are sent before any session is read. */
    @Bean
    @Order(1)
    SecurityFilterChain shippedFilesChain(HttpSecurity http) throws Exception {
        http.securityMatcher(PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.GET, "/shipped/**"))
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .securityContext(context -> context.disable())
                .requestCache(cache -> cache.disable())
                .csrf(csrf -> csrf.disable());
        // Spring's own headers would forbid to keep them.
        headers(http).headers(headers -> headers.cacheControl(cache -> cache.disable()));
        return http.build();
    }

    /** Addresses and fields with a null character are no address and no field; what a page links to never depends on the Host header. */
    @Bean
    StrictHttpFirewall firewall(HostNames hosts) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(hosts::isOurs);
        firewall.setAllowedParameterNames(name -> name.indexOf('\0') < 0);
        firewall.setAllowedParameterValues(value -> value.indexOf('\0') < 0);
        return firewall;
    }

    /** The session's cookie. It goes along when somebody follows a link from their mail, so Lax and not Strict. */
    @Bean
    CookieSerializer sessionCookie(Cookies cookies) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(cookies.name(SESSION));
        cookie.setUseSecureCookie(cookies.areSecure());
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        cookie.setCookiePath("/");
        return cookie;
    }

    private static CookieCsrfTokenRepository tokens(Cookies cookies) {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName(cookies.name("XSRF-TOKEN"));
        tokens.setCookiePath("/");
        tokens.setCookieCustomizer(cookie -> cookie.secure(cookies.areSecure()).sameSite("Strict"));
        return tokens;
    }

    /** Saved requests in a cookie: a visitor without a session costs the database nothing. */
    @Bean
    RequestCache savedRequests() {
        return new CookieRequestCache();
    }

    @Bean
    SecurityFilterChain securityFilterChain(
            HttpSecurity http,
            SessionBeginning beginning,
            SessionEnding ending,
            RequestCache savedRequests,
            Cookies cookies,
            HomeCookie home,
            PasskeyAuthentication passkey,
            OwnPasswordService own,
            SignInBudgets budgets,
            Clock clock,
            LimitProperties limits)
            throws Exception {
        PathPatternRequestMatcher.Builder path = PathPatternRequestMatcher.withDefaults();
        // Its configurer wants one; nobody asks it, since a passkey says whose it is.
        http.setSharedObject(UserDetailsService.class, name -> {
            throw new UsernameNotFoundException("Passkeys name accounts.");
        });
        http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                path.matcher("/sign-in"),
                                path.matcher("/sign-in/code"),
                                path.matcher("/sign-in/second"),
                                path.matcher("/first-run"),
                                path.matcher("/first-run/fits"),
                                path.matcher(HttpMethod.POST, "/webauthn/authenticate/options"),
                                path.matcher(HttpMethod.POST, "/login/webauthn"),
                                path.matcher("/open/**"),
                                path.matcher(HomeCookie.PATH),
                                path.matcher(HttpMethod.GET, "/calendar/feed/*"),
                                path.matcher(HttpMethod.GET, "/watch/contact"),
                                path.matcher(HttpMethod.GET, "/watch/worker.js"),
                                path.matcher(HttpMethod.POST, "/watch/wiped"),
                                path.matcher(HttpMethod.POST, "/watch/unlock"),
                                path.matcher("/error"))
                        .permitAll()
                        .anyRequest()
                        // Whoever's second step is still to come has no role yet.
                        .hasAnyRole(Stream.of(Role.values()).map(Role::name).toArray(String[]::new)))
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("username")
                        .passwordParameter("password")
                        .authenticationDetailsSource(SignInFrom::of)
                        .successHandler(beginning)
                        .failureHandler((request, response, failure) -> response.sendRedirect(failed(failure))))
                .addFilterBefore(new SessionLifetime(), SecurityContextHolderFilter.class)
                .addFilterBefore(new HandOnly(), SecurityContextHolderFilter.class)
                .addFilterAfter(new PasskeyAsksPassword(own), CsrfFilter.class)
                .addFilterAfter(new PasskeyBudget(budgets, clock), CsrfFilter.class)
                .addFilterBefore(new BodyLimit(limits, "/watch/uploads"), SecurityContextHolderFilter.class)
                .webAuthn(passkeys -> passkeys.disableDefaultRegistrationPage(true)
                        .withObjectPostProcessor(new ObjectPostProcessor<WebAuthnAuthenticationFilter>() {
                            @Override
                            public <O extends WebAuthnAuthenticationFilter> O postProcess(O filter) {
                                filter.setAuthenticationManager(passkey);
                                filter.setAuthenticationSuccessHandler(passkey);
                                return filter;
                            }
                        }))
                .logout(logout -> logout.logoutUrl("/sign-out")
                        .logoutSuccessUrl("/sign-in?out")
                        .deleteCookies(cookies.name(SESSION))
                        .addLogoutHandler(ending)
                        // Pages only, not what the device stores: what waits there to be sent, sealed, must outlive the
                        // sign-out.
                        .addLogoutHandler(new HeaderWriterLogoutHandler(
                                new ClearSiteDataHeaderWriter(ClearSiteDataHeaderWriter.Directive.CACHE))))
                .exceptionHandling(exceptions -> exceptions
                        .accessDeniedHandler(SecurityConfiguration::refuse)
                        .defaultAuthenticationEntryPointFor(
                                (request, response, failure) -> response.sendError(401),
                                request -> "fetch".equals(request.getHeader("X-Requested-By")))
                        .defaultAuthenticationEntryPointFor(
                                (request, response, failure) -> response.sendRedirect(HomeCookie.PATH),
                                request -> request.getRequestURI().startsWith("/family")
                                        && home.of(request).isPresent())
                        .defaultAuthenticationEntryPointFor(
                                new LoginUrlAuthenticationEntryPoint("/sign-in"), request -> true))
                // As with saved requests: in a cookie.
                .csrf(csrf -> csrf.csrfTokenRepository(tokens(cookies)).csrfTokenRequestHandler(new TokenBeforeParts()))
                .requestCache(cache -> cache.requestCache(savedRequests));
        return headers(http).build();
    }

    /** Whoever's second step is still to come is led to it; everybody else is refused as ever. */
    private static void refuse(HttpServletRequest request, HttpServletResponse response, AccessDeniedException failure)
            throws IOException, ServletException {
        if (request.getUserPrincipal() instanceof Authentication half && half.getPrincipal() instanceof HalfSignedIn) {
            response.sendRedirect("/sign-in/second");
        } else {
            new AccessDeniedHandlerImpl().handle(request, response, failure);
        }
    }

    private static String failed(AuthenticationException failure) {
        if (failure instanceof LockedException) {
            return "/sign-in?blocked";
        }
        return failure instanceof DisabledException ? "/sign-in?closed" : "/sign-in?wrong";
    }

    private static HttpSecurity headers(HttpSecurity http) throws Exception {
        return http.headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(referrer -> referrer.policy(
                        org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy
                                .NO_REFERRER))
                .permissionsPolicyHeader(
                        permissions -> permissions.policy("camera=(self), microphone=(), geolocation=(), payment=()"))
                .frameOptions(frames -> frames.deny()));
    }
}
