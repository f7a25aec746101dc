package hiltboard.server;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.multipart.MultipartHttpServletRequest;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** One picture at a time is held and unpacked; several large ones together would take all the memory. */
@Configuration
class FilesOneByOne implements HandlerInterceptor, WebMvcConfigurer {
    private static final String HELD = FilesOneByOne.class.getName();
    private final Semaphore alone = new Semaphore(1, true);

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws InterruptedException {
        if (request instanceof MultipartHttpServletRequest) {
            alone.acquire();
            request.setAttribute(HELD, true);
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        if (request.getAttribute(HELD) != null) {
            request.removeAttribute(HELD);
            alone.release();
        }
    }
}
