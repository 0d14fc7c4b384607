package app.carder.web.draft;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

@Configuration(proxyBeanMethods = false)
class DraftConfiguration implements WebMvcConfigurer {

    private final SavedForms savedForms;

    DraftConfiguration(SavedForms savedForms) {
        this.savedForms = savedForms;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(savedForms);
    }
}
