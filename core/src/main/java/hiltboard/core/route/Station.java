package hiltboard.core.route;

/** Where in the shop a step is done. */
public enum Station {
    TABLE("Table"),
    LAYOUT("Layout bench"),
    DRILL("Drill press"),
    MILL("Mill"),
    GRINDER("Grinder"),
    FILING("Filing vice"),
    FORGE("Forge"),
    KILN("Kiln"),
    FINISHING("Finishing bench"),
    TANK("Etching tank"),
    FITTING("Fitting bench"),
    GLUING("Gluing bench"),
    LEATHER("Leather bench");

    private final String words;

    Station(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
