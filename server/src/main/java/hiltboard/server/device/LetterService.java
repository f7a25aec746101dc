package hiltboard.server.device;

import hiltboard.core.field.Finding;
import hiltboard.server.Refusal;
import hiltboard.server.Settings;
import hiltboard.server.ShopClock;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.device.LetterRepository.Letter;
import hiltboard.server.job.JobFile;
import hiltboard.server.job.NoteRepository;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.job.WithoutPlace;
import hiltboard.server.live.Changes;
import hiltboard.server.live.Command;
import hiltboard.server.live.Entry;
import hiltboard.server.live.Receipt;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Service;

/**
 * Updates for clients: a letter is prepared when a chosen step is done; somebody reads it, and it goes into the outbox
 * or to a mail server.
 */
@Service
class LetterService {
    private static final int LONGEST_SUBJECT = 200;
    private static final int LONGEST_WORDS = 8_000;
    private static final String ADDRESS = "[^\\s@<>\"]{1,64}@[^\\s@<>\"]{1,190}";

    private final LetterRepository letters;
    private final PieceFiles files;
    private final NoteRepository notes;
    private final AccessService access;
    private final Post post;
    private final Changes changes;
    private final ShopClock clock;
    private final String from;

    LetterService(
            LetterRepository letters,
            PieceFiles files,
            NoteRepository notes,
            AccessService access,
            Post post,
            Changes changes,
            ShopClock clock,
            Settings settings) {
        this.letters = letters;
        this.files = files;
        this.notes = notes;
        this.access = access;
        this.post = post;
        this.changes = changes;
        this.clock = clock;
        this.from = settings.mail().from();
    }

    /** A letter as somebody writes it; photo zero for none. */
    record NewLetter(long pieceId, String operation, String recipient, String subject, String words, long photoId) {}

    /** A letter that is due, with words to begin with. */
    record Prepared(
            long pieceId,
            String name,
            String operation,
            String recipient,
            String subject,
            String words,
            long photoId) {}

    /** Steps after which a client can be written to: those that bring the piece to another state. */
    record Steps(List<StepChoice> steps) {}

    record StepChoice(String operation, String title, boolean isChosen) {}

    boolean isMailing() {
        return post.isMailing();
    }

    Steps steps(long job) {
        JobFile file = files.openJob(job);
        Set<String> chosen = letters.stepsOf(job);
        return new Steps(file.pieces().get(0).route().steps().stream()
                .map(step -> step.operation())
                .filter(operation -> operation.leaves().isPresent())
                .map(operation -> new StepChoice(operation.key(), operation.title(), chosen.contains(operation.key())))
                .toList());
    }

    /** One step more, or one less: others may be choosing at the same time. */
    Receipt choose(long job, String operation, boolean isChosen, Command command) {
        return changes.make(command, () -> {
            JobFile file = files.openJob(job);
            if (steps(job).steps().stream().noneMatch(step -> step.operation().equals(operation))) {
                throw Refusal.notThere("There is no such step in this job after which a client is written to.");
            }
            letters.choose(job, operation, isChosen);
            int steps = letters.stepsOf(job).size();
            return Entry.ofJob(
                    Entry.Kind.UPDATES_CHOSEN,
                    job,
                    file.number() + ": the client is written to after " + steps + (steps == 1 ? " step" : " steps"));
        });
    }

    List<Prepared> due(Person person) {
        return letters.due().stream()
                .map(due -> prepared(files.open(due.piece()), due.operation(), person))
                .toList();
    }

    private Prepared prepared(PieceFile piece, String operation, Person person) {
        JobFile job = files.openJob(piece.jobId());
        String title = piece.step(operation).operation().title();
        String words = "Dear " + job.clientName() + ",\n\n" + "your " + job.title() + " has come a step further: "
                + title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1) + " is done, and it is now "
                + piece.progress().state().words() + ". A photograph goes with this letter.\n\n" + person.name() + "\n"
                + access.shopName();
        String contact = piece.contact();
        return new Prepared(
                piece.id(),
                piece.name(),
                operation,
                contact.matches(ADDRESS) ? contact : "",
                job.title() + ": " + title,
                words,
                notes.latestPhoto(piece.id()).orElse(0L));
    }

    /** Keeps a letter and sends it where a mail server takes it; one that it refuses stays in the outbox. */
    Receipt write(NewLetter written, Person person, Command command) {
        List<Finding> findings = findings(written);
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        Receipt receipt = changes.make(command, () -> {
            PieceFile piece = files.open(written.pieceId());
            if (written.photoId() != 0 && !notes.isOfPiece(written.photoId(), piece.id())) {
                throw Refusal.entry(
                        "photoId",
                        String.valueOf(written.photoId()),
                        "This photograph is not of " + piece.name(),
                        "one of its own");
            }
            long id = letters.keep(
                    new Letter(
                            0,
                            piece.jobId(),
                            piece.id(),
                            written.operation(),
                            written.recipient().strip(),
                            written.subject().strip(),
                            written.words().strip(),
                            written.photoId(),
                            person.name(),
                            clock.nowMillis(),
                            0),
                    person.id());
            return told(piece, "a letter to " + written.recipient().strip(), id);
        });
        send(receipt.about());
        return receipt;
    }

    private static Entry told(PieceFile piece, String words, long letter) {
        return new Entry(
                Entry.Kind.LETTER_WRITTEN,
                Optional.of(piece.jobId()),
                Optional.of(piece.id()),
                piece.name() + ": " + words,
                letter);
    }

    private void send(long id) {
        letters.withId(id).filter(letter -> letter.sentAtMillis() == 0).ifPresent(letter -> {
            try {
                if (post.send(message(letter))) {
                    changes.make(new Command("letter-sent-" + id, Optional.empty(), "mail"), () -> {
                        letters.sent(id, clock.nowMillis());
                        return told(files.open(letter.piece()), "the letter to " + letter.recipient() + " is sent", id);
                    });
                }
            } catch (MailException refused) {
                throw Refusal.outOfTurn("The mail server did not take the letter. It lies in the outbox.");
            }
        });
    }

    private static List<Finding> findings(NewLetter letter) {
        List<Finding> findings = new ArrayList<>();
        if (!letter.recipient().strip().matches(ADDRESS)) {
            findings.add(new Finding(
                    "recipient", letter.recipient(), "This is no mail address", "an address such as name@example.org"));
        }
        if (letter.subject().isBlank()
                || letter.subject().length() > LONGEST_SUBJECT
                || letter.subject().matches("(?s).*[\\r\\n].*")) {
            findings.add(
                    new Finding("subject", "", "A subject is one line", "1 to " + LONGEST_SUBJECT + " characters"));
        }
        if (letter.words().isBlank() || letter.words().length() > LONGEST_WORDS) {
            findings.add(new Finding(
                    "words",
                    "",
                    letter.words().isBlank() ? "Nothing was written" : "The letter is too long",
                    "up to " + LONGEST_WORDS + " characters"));
        }
        return findings;
    }

    /** A letter as an Internet message (RFC 5322), for a mail program to open. */
    byte[] file(long id) {
        Letter letter = letters.withId(id).orElseThrow(() -> Refusal.notThere("There is no such letter."));
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MimeMessage message = message(letter);
            // A mail program opens it as one that is still to be sent, not as one that came in.
            message.setHeader("X-Unsent", "1");
            message.writeTo(out);
            return out.toByteArray();
        } catch (IOException | MessagingException impossible) {
            throw new IllegalStateException("A kept letter cannot be written", impossible);
        }
    }

    private MimeMessage message(Letter letter) {
        try {
            MimeMessage message = new MimeMessage(Session.getInstance(new Properties()));
            MimeMessageHelper helper = new MimeMessageHelper(message, true, StandardCharsets.UTF_8.name());
            helper.setFrom(from, access.shopName());
            helper.setTo(letter.recipient());
            helper.setSubject(letter.subject());
            helper.setText(letter.words());
            helper.setSentDate(new Date(letter.atMillis()));
            if (letter.photo() != 0) {
                NoteRepository.Picture photo = leaving(letter.photo());
                helper.addAttachment(
                        "photograph." + photo.mediaType().replaceAll(".*/", ""),
                        new ByteArrayResource(photo.bytes()),
                        photo.mediaType());
            }
            message.saveChanges();
            return message;
        } catch (MessagingException | IOException impossible) {
            throw new IllegalStateException("A kept letter cannot be written", impossible);
        }
    }

    /** A photograph as it leaves the shop; of one that is damaged the small picture, which was made anew. */
    private NoteRepository.Picture leaving(long photo) {
        NoteRepository.Picture whole = notes.original(photo).orElseThrow();
        try {
            return new NoteRepository.Picture(whole.mediaType(), WithoutPlace.of(whole.mediaType(), whole.bytes()));
        } catch (IllegalArgumentException damaged) {
            return notes.thumbnail(photo).orElseThrow();
        }
    }
}
