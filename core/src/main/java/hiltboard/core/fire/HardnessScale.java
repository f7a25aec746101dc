package hiltboard.core.fire;

import hiltboard.core.measure.ImpossibleQuantity;

/**
 * Conversion between the hardness scales of hard steel, ASTM E140 table 1 (non-austenitic steels), recalled from
 * memory; along a straight line between its rows. A converted number is approximate and never replaces a reading on its
 * own scale.
 */
public enum HardnessScale {
    HRC(
            "Rockwell C",
            20,
            20,
            21,
            22,
            23,
            24,
            25,
            26,
            27,
            28,
            29,
            30,
            31,
            32,
            33,
            34,
            35,
            36,
            37,
            38,
            39,
            40,
            41,
            42,
            43,
            44,
            45,
            46,
            47,
            48,
            49,
            50,
            51,
            52,
            53,
            54,
            55,
            56,
            57,
            58,
            59,
            60,
            61,
            62,
            63,
            64,
            65,
            66,
            67,
            68),
    HV(
            "Vickers", 20, 238, 243, 248, 254, 260, 266, 272, 279, 286, 294, 302, 310, 318, 327, 336, 345, 354, 363,
            372, 382, 392, 402, 412, 423, 434, 446, 458, 471, 484, 498, 513, 528, 544, 560, 577, 595, 613, 633, 653,
            674, 697, 720, 746, 772, 800, 832, 865, 900, 940),
    /** The carbide ball; the table ends at 65 HRC. */
    HBW(
            "Brinell, 3000 kgf",
            20,
            226,
            231,
            237,
            243,
            247,
            253,
            258,
            264,
            271,
            279,
            286,
            294,
            301,
            311,
            319,
            327,
            336,
            344,
            353,
            362,
            371,
            381,
            390,
            400,
            409,
            421,
            432,
            443,
            455,
            469,
            481,
            496,
            512,
            525,
            543,
            560,
            577,
            595,
            615,
            634,
            654,
            670,
            688,
            705,
            722,
            739);

    private final String words;
    private final int firstHrc;
    private final double[] rows;

    HardnessScale(String words, int firstHrc, double... rows) {
        this.words = words;
        this.firstHrc = firstHrc;
        this.rows = rows;
    }

    public String words() {
        return words;
    }

    /** The lowest and highest number of the table on this scale. */
    public double least() {
        return rows[0];
    }

    public double most() {
        return rows[rows.length - 1];
    }

    /** This number on another scale. @throws ImpossibleQuantity outside the table */
    public double to(HardnessScale other, double number) {
        return other.at(hrc(number));
    }

    private double hrc(double number) {
        for (int i = 1; i < rows.length; i++) {
            if (number >= rows[i - 1] && number <= rows[i]) {
                return firstHrc + i - 1 + (number - rows[i - 1]) / (rows[i] - rows[i - 1]);
            }
        }
        throw outside(number, this);
    }

    private double at(double hrc) {
        int row = (int) Math.floor(hrc) - firstHrc;
        if (!(row >= 0 && hrc <= firstHrc + rows.length - 1)) {
            throw outside(hrc, HRC);
        }
        return row == rows.length - 1 ? rows[row] : rows[row] + (hrc - firstHrc - row) * (rows[row + 1] - rows[row]);
    }

    private ImpossibleQuantity outside(double number, HardnessScale scale) {
        return new ImpossibleQuantity(
                "conversion",
                number + " " + scale.name(),
                scale == this
                        ? (int) least() + " to " + (int) most() + " " + name() + ", where the table is known"
                        : firstHrc + " to " + (firstHrc + rows.length - 1) + " HRC, where the table to " + words
                                + " is known");
    }
}
