package hiltboard.core.measure;

/** Words with quantities in them, in the units of whoever reads. */
@FunctionalInterface
public interface Said {
    String in(Units units);
}
