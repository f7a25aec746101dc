package hiltboard.core.fire;

/**
 * What lies in a kiln and takes up heat.
 *
 * @param joulesPerKelvin what all of it takes up for each degree
 * @param squareMetres its surface, which the chamber shines on
 */
public record HeatBody(double joulesPerKelvin, double squareMetres) {
    public static final HeatBody NOTHING = new HeatBody(0, 0);
    /**
     * Mean of carbon steel between the shop and hardening heat, J/(kg K), from memory; it peaks where the steel turns.
     */
    private static final double STEEL = 650;

    private static final double STEEL_DENSITY = 7850;
    /** Stefan and Boltzmann's constant, W/(m² K⁴), CODATA 2018. */
    private static final double STEFAN_BOLTZMANN = 5.670374419e-8;
    /** Of scaled or oxidised steel, from memory. */
    private static final double EMISSIVITY = 0.8;
    /** What still air carries besides, W/(m² K), from memory. */
    private static final double AIR = 10;

    private static final double KELVIN = 273.15;

    /** A flat blade: both faces shine. @param kilograms and {@code millimetresThick} more than nothing */
    static HeatBody blade(double kilograms, double millimetresThick) {
        return new HeatBody(kilograms * STEEL, 2 * kilograms / STEEL_DENSITY / (millimetresThick / 1000));
    }

    /** What is left when this much has been taken out of it. */
    public HeatBody without(HeatBody part) {
        return new HeatBody(
                Math.max(0, joulesPerKelvin - part.joulesPerKelvin), Math.max(0, squareMetres - part.squareMetres));
    }

    HeatBody and(HeatBody other) {
        return new HeatBody(joulesPerKelvin + other.joulesPerKelvin, squareMetres + other.squareMetres);
    }

    /** Watts that flow into it from a chamber at one temperature while it is at another, both in °C. */
    double watts(double chamber, double body) {
        return wattsPerKelvin(chamber, body) * (chamber - body);
    }

    /** As {@link #watts}, for each degree between them. */
    double wattsPerKelvin(double chamber, double body) {
        double hot = chamber + KELVIN;
        double cold = body + KELVIN;
        double radiant = EMISSIVITY * STEFAN_BOLTZMANN * (hot * hot + cold * cold) * (hot + cold);
        return squareMetres * (AIR + radiant);
    }
}
