package hiltboard.acceptance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;

/**
 * Kills a real process (SIGKILL) at random moments while four write, also while it is copied, restored or written as
 * open files, and counts what was acknowledged and is lost, and what is there twice.
 */
public final class Kills {
    private static final int PIECE_LASTS = 20;

    private final Path folder;
    private final Path backup;
    private final Random random;
    private final int port = ServerProcess.freePort();
    private final Set<String> acknowledged = new HashSet<>();
    private int lost;
    private int doubled;
    private int unsound;

    private Kills(Path folder, long seed) throws IOException {
        this.folder = folder.resolve("shop");
        this.backup = folder.resolve("copy.db");
        this.random = new Random(seed);
    }

    /** What is done beside the writing. */
    private enum Beside {
        NOTHING,
        BACKUP,
        ALONG,
        RESTORE
    }

    /** @param arguments how often, and the seed */
    public static void main(String[] arguments) throws Exception {
        int count = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 200;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        Path folder = Files.createTempDirectory("hilt-kills");
        try {
            Kills kills = new Kills(folder, seed);
            kills.kill(count);
            kills.tell(count);
            System.exit(kills.lost + kills.doubled + kills.unsound == 0 ? 0 : 1);
        } finally {
            try (Stream<Path> files = Files.walk(folder)) {
                files.sorted(Comparator.reverseOrder())
                        .forEach(file -> file.toFile().delete());
            }
        }
    }

    private void kill(int count) throws Exception {
        ServerProcess server = ServerProcess.begin(folder, port);
        Client owner = Writers.ownerOfNew(server);
        long piece = Work.take(owner, 1, Map.of());
        for (int kill = 1; kill <= count; kill++) {
            Beside beside = Beside.values()[random.nextInt(Beside.values().length)];
            if (kill % PIECE_LASTS == 0) {
                piece = Work.take(owner, 1, Map.of());
            }
            List<String> taken = new CopyOnWriteArrayList<>();
            List<Thread> writers = Writers.begin(owner, piece, String.valueOf(kill), taken);
            Thread.sleep(200 + random.nextInt(400));
            switch (beside) {
                case BACKUP -> owner.post("/api/backups", Map.of());
                case ALONG -> owner.post("/api/along", Map.of("what", "SHOP", "id", 0));
                default -> {}
            }
            Thread.sleep(random.nextInt(500));
            server.kill();
            for (Thread writer : writers) {
                writer.join();
            }
            acknowledged.addAll(taken);
            look(beside + " " + kill);
            if (beside == Beside.RESTORE) {
                restore();
            }
            server = ServerProcess.open(folder, port);
            owner = Writers.ownerOf(server);
            look(beside + " " + kill + " opened");
            if (kill % PIECE_LASTS == 0 && kill < count) {
                tell(kill);
            }
        }
        server.kill();
    }

    private void tell(int kills) {
        System.out.println(kills + " kills, " + acknowledged.size() + " notes acknowledged and kept: " + lost
                + " lost, " + doubled + " doubled, " + unsound + " files unsound");
    }

    /** A copy is brought back and killed in the middle: afterwards all is as it was, or all as in the copy. */
    private void restore() throws Exception {
        Files.deleteIfExists(backup);
        ServerProcess.atTheMachine(folder, "backup", backup.toString());
        Set<String> inCopy = new HashSet<>(notes());
        ServerProcess restoring = ServerProcess.doing(folder, "restore", backup.toString(), "--yes");
        Thread.sleep(300 + random.nextInt(1_500));
        restoring.kill();
        // The copy has all that was acknowledged: whichever of the two it is now, nothing may be missing.
        acknowledged.addAll(inCopy);
    }

    private void look(String when) throws SQLException {
        List<String> kept = notes();
        Set<String> once = new HashSet<>(kept);
        long missing =
                acknowledged.stream().filter(each -> !once.contains(each)).count();
        lost += missing;
        doubled += kept.size() - once.size();
        if (!isSound()) {
            unsound++;
        }
        if (missing > 0 || kept.size() > once.size()) {
            System.out.println(when + ": " + missing + " lost, " + (kept.size() - once.size()) + " doubled");
        }
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("shop.db"));
    }

    private List<String> notes() throws SQLException {
        try (Connection data = open();
                Statement sql = data.createStatement();
                ResultSet row = sql.executeQuery("SELECT words FROM note")) {
            List<String> words = new ArrayList<>();
            while (row.next()) {
                words.add(row.getString(1));
            }
            return words;
        }
    }

    /** Every page is good, and row and journal entry were one transaction. */
    private boolean isSound() throws SQLException {
        try (Connection data = open();
                Statement sql = data.createStatement()) {
            return text(sql, "PRAGMA quick_check(1)").equals("ok")
                    && text(sql, "SELECT count(*) FROM note")
                            .equals(text(sql, "SELECT count(*) FROM journal WHERE kind = 'NOTE_WRITTEN'"));
        }
    }

    private static String text(Statement sql, String question) throws SQLException {
        try (ResultSet row = sql.executeQuery(question)) {
            return row.getString(1);
        }
    }
}
