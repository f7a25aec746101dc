package hiltboard.server.carry;

import java.util.Map;

/**
 * What an archive says of itself, in its first file.
 *
 * @param format always {@link #FORMAT}
 * @param version of the format
 * @param of {@code shop}, or the name of the thing of which one went out
 * @param name of the shop, the job or the client
 * @param written when, ISO 8601
 * @param lines how many of each thing there are
 */
record Manifest(String format, int version, String of, String name, String written, Map<String, Long> lines) {
    static final String FILE = "shop.json";
    static final String FORMAT = "hilt-board open files";
    static final int VERSION = 1;
    static final String SHOP = "shop";
}
