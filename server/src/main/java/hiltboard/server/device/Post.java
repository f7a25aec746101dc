package hiltboard.server.device;

import jakarta.mail.internet.MimeMessage;

/** Takes letters to clients. */
interface Post {
    /**
     * Takes a letter on its way.
     *
     * @return whether it is on its way; otherwise it stays in the outbox, to be sent by hand
     * @throws org.springframework.mail.MailException if a mail server refuses it
     */
    boolean send(MimeMessage letter);

    /** Whether letters leave by themselves. */
    boolean isMailing();
}
