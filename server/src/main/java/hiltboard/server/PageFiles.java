package hiltboard.server;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Scripts, styles and fonts of the page carry a mark of their content in their names, so that a browser never has to
 * ask for one again.
 */
@Configuration
class PageFiles implements WebMvcConfigurer {
    private static final Duration AS_LONG_AS_BROWSERS_KEEP = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry files) {
        files.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(AS_LONG_AS_BROWSERS_KEEP)
                        .cachePublic()
                        .immutable());
    }
}
