package hiltboard.acceptance;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Several people who write notes into a piece as fast as they are taken, until the server is gone. */
final class Writers {
    private static final int COUNT = 4;

    private Writers() {}

    /** Sets a new shop up. */
    static Client ownerOfNew(ServerProcess server) throws IOException {
        String code = server.setupCode();
        server.isOpen();
        Client owner = Client.at(server.address());
        owner.openShop(code, "S", "O", "owner");
        return owner;
    }

    static Client ownerOf(ServerProcess server) {
        Client owner = Client.at(server.address());
        owner.post("/api/sign-in", Map.of("signInName", "owner", "password", RunningShop.OWNER_PASSWORD))
                .isOk();
        return owner;
    }

    /** The words of the notes that a piece has. */
    static List<String> kept(Client owner, long piece) {
        return Work.piece(owner, piece)
                .path("past")
                .path("notes")
                .valueStream()
                .map(note -> note.path("words").asString())
                .toList();
    }

    /** @param acknowledged is given the words of every note that the server has taken */
    static List<Thread> begin(Client owner, long piece, String name, List<String> acknowledged) {
        List<Thread> writers = new ArrayList<>();
        for (int w = 0; w < COUNT; w++) {
            String begins = name + "-" + w + "-";
            Thread writer = new Thread(() -> {
                try {
                    for (int i = 0; i < 10_000; i++) {
                        String words = begins + i;
                        if (owner.post(
                                                "/api/pieces/" + piece + "/notes",
                                                Map.of("operation", "", "words", words, "isLesson", false))
                                        .status()
                                == 200) {
                            acknowledged.add(words);
                        }
                    }
                } catch (RuntimeException serverIsGone) {
                    return;
                }
            });
            writer.start();
            writers.add(writer);
        }
        return writers;
    }
}
