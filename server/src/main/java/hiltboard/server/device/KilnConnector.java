package hiltboard.server.device;

import hiltboard.core.fire.Kiln;
import java.util.Optional;

/** Makes the connection to kilns whose controllers are of one kind. Each kiln's row names its kind. */
public interface KilnConnector {
    /** The kind that ships with the program. */
    String STAND_IN = "STAND_IN";

    /**
     * What is known of a kiln when it is connected.
     *
     * @param kiln as two times by the clock describe it
     * @param address where its controller is reached, as the owner typed it; empty where none is asked
     * @param seen how its stand-in stood, where it has one
     */
    record Plate(Kiln kiln, String address, Optional<KilnStandIn.Seen> seen) {}

    /** As a kiln's row names it: capitals and underscores. */
    String kind();

    /** As people read it. */
    String words();

    /** What an address of this kind looks like; empty where none is asked. */
    String address();

    /**
     * A connection that opens no line before something is asked or told.
     *
     * @throws IllegalArgumentException if the address is none, in words for the one who typed it
     */
    ConnectedKiln connect(Plate plate);
}
