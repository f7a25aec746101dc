package hiltboard.core.measure;

/** An argument that no shop could mean: says which quantity, what was given and what would be accepted. */
public final class ImpossibleQuantity extends IllegalArgumentException {
    private final String quantity;
    private final String given;
    private final String accepted;

    public ImpossibleQuantity(String quantity, String given, String accepted) {
        super(quantity + " of " + given + " cannot be: " + accepted + " is accepted");
        this.quantity = quantity;
        this.given = given;
        this.accepted = accepted;
    }

    public String quantity() {
        return quantity;
    }

    public String given() {
        return given;
    }

    public String accepted() {
        return accepted;
    }
}
