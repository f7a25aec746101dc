package hiltboard.core.fire;

/**
 * The heat in a kiln at a moment: chamber, what lies in it, and the tip of the thermocouple, in °C, and what has flowed
 * since the beginning, in joules.
 */
record Firing(double chamber, double body, double probe, double in, double lost) {
    static Firing cold(double celsius) {
        return new Firing(celsius, celsius, celsius, 0, 0);
    }

    /**
     * A moment later, by one step of the classical fourth-order rule of Runge and Kutta. @param watts of the elements,
     * and {@code loss} in W/K
     */
    Firing after(double seconds, Kiln kiln, HeatBody load, double watts, double loss) {
        Firing one = slope(kiln, load, watts, loss);
        Firing two = plus(one, seconds / 2).slope(kiln, load, watts, loss);
        Firing three = plus(two, seconds / 2).slope(kiln, load, watts, loss);
        Firing four = plus(three, seconds).slope(kiln, load, watts, loss);
        return plus(one, seconds / 6)
                .plus(two, seconds / 3)
                .plus(three, seconds / 3)
                .plus(four, seconds / 6);
    }

    private Firing slope(Kiln kiln, HeatBody load, double watts, double loss) {
        double lostNow = loss * (chamber - Kiln.SHOP.celsius());
        double taken = load.watts(chamber, body);
        double bodySlope = load.joulesPerKelvin() > 0 ? taken / load.joulesPerKelvin() : 0;
        double lag = kiln.lagSeconds() > 0 ? (chamber - probe) / kiln.lagSeconds() : 0;
        return new Firing((watts - lostNow - taken) / kiln.joulesPerKelvin(), bodySlope, lag, watts, lostNow);
    }

    private Firing plus(Firing slope, double by) {
        return new Firing(
                chamber + slope.chamber * by,
                body + slope.body * by,
                probe + slope.probe * by,
                in + slope.in * by,
                lost + slope.lost * by);
    }
}
