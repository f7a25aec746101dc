package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.server.data.UnusableData;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.boot.web.server.PortInUseException;

class StartFailureTest {

    @Test
    void the_cause_that_a_person_can_act_on_is_found_however_deep_it_lies() {
        Throwable port =
                new IllegalStateException("context", new RuntimeException("bean", new PortInUseException(8095)));
        assertThat(StartFailure.inOneSentence(port))
                .contains("Port 8095 is taken", "HILT_PORT")
                .hasLineCount(1);
        Throwable data = new IllegalStateException("context", new UnusableData("The data file x cannot be read."));
        assertThat(StartFailure.inOneSentence(data)).isEqualTo("The data file x cannot be read.");
        assertThat(StartFailure.inOneSentence(new RuntimeException(new SQLException("disk I/O error"))))
                .contains("disk I/O error", "HILT_DATA");
    }

    @Test
    void an_unknown_cause_is_said_in_its_own_words() {
        assertThat(StartFailure.inOneSentence(
                        new IllegalStateException("outer", new IllegalArgumentException("inner"))))
                .isEqualTo("Hilt Board could not start: inner");
        assertThat(StartFailure.inOneSentence(new NullPointerException())).contains("NullPointerException");
    }
}
