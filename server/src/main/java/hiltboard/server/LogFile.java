package hiltboard.server;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeAndTimeBasedRollingPolicy;
import ch.qos.logback.core.util.FileSize;
import hiltboard.server.data.OwnersOnly;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.LoggerFactory;

/**
 * The log in the shop's data folder, beside the console. It is begun when the folder is taken: a second program must
 * not write into the first one's.
 */
final class LogFile {
    private static final String NAME = "file";
    private static final String LARGEST = "10MB";
    private static final String LARGEST_ALTOGETHER = "100MB";
    private static final int DAYS = 30;

    private LogFile() {}

    /** @param pattern of a line, as the console has it */
    static void begin(Path folder, String pattern) throws IOException {
        LoggerContext context = (LoggerContext) LoggerFactory.getILoggerFactory();
        Path file = OwnersOnly.file(OwnersOnly.folder(folder.resolve("log")).resolve("hilt.log"));
        PatternLayoutEncoder encoder = new PatternLayoutEncoder();
        encoder.setContext(context);
        encoder.setPattern(pattern);
        encoder.start();
        RollingFileAppender<ILoggingEvent> appender = new RollingFileAppender<>();
        appender.setContext(context);
        appender.setName(NAME);
        appender.setFile(file.toString());
        appender.setEncoder(encoder);
        SizeAndTimeBasedRollingPolicy<ILoggingEvent> policy = new SizeAndTimeBasedRollingPolicy<>();
        policy.setContext(context);
        policy.setParent(appender);
        policy.setFileNamePattern(
                file.resolveSibling("hilt.%d{yyyy-MM-dd}.%i.log.gz").toString());
        policy.setMaxFileSize(FileSize.valueOf(LARGEST));
        policy.setTotalSizeCap(FileSize.valueOf(LARGEST_ALTOGETHER));
        policy.setMaxHistory(DAYS);
        policy.start();
        appender.setRollingPolicy(policy);
        appender.start();
        Logger root = context.getLogger(Logger.ROOT_LOGGER_NAME);
        // One that was begun before belongs to a program that has ended.
        Optional.ofNullable(root.getAppender(NAME)).ifPresent(before -> {
            root.detachAppender(before);
            before.stop();
        });
        root.addAppender(appender);
    }
}
