package hiltboard.core.material;

/** Where a value comes from. @param isFromMemory recalled, not looked up in the source that is named */
public record Source(String words, boolean isFromMemory) {
    public String inFull() {
        return isFromMemory ? words + " (from memory)" : words;
    }
}
