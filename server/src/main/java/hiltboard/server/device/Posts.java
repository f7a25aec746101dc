package hiltboard.server.device;

import jakarta.mail.internet.MimeMessage;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.mail.javamail.JavaMailSender;

/** A mail server where one is configured (spring.mail.host and what belongs to it), otherwise the outbox itself. */
@Configuration(proxyBeanMethods = false)
class Posts {

    @Bean
    Post post(ObjectProvider<JavaMailSender> server) {
        JavaMailSender sender = server.getIfAvailable();
        return sender == null ? new Outbox() : new MailServer(sender);
    }

    /** The stand-in: letters lie in the outbox, where they are read or taken out as files. */
    private static final class Outbox implements Post {
        @Override
        public boolean send(MimeMessage letter) {
            return false;
        }

        @Override
        public boolean isMailing() {
            return false;
        }
    }

    private record MailServer(JavaMailSender sender) implements Post {
        @Override
        public boolean send(MimeMessage letter) {
            sender.send(letter);
            return true;
        }

        @Override
        public boolean isMailing() {
            return true;
        }
    }
}
