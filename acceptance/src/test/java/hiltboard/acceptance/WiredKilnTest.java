package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import com.digitalpetri.modbus.server.ModbusTcpServer;
import com.digitalpetri.modbus.server.ProcessImage;
import com.digitalpetri.modbus.server.ReadWriteModbusServices;
import com.digitalpetri.modbus.tcp.server.NettyTcpServerTransport;
import hiltboard.server.fire.KilnWatch;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A kiln whose controller is really asked and told over a socket, in an open protocol, behind the interface that ships.
 */
class WiredKilnTest {
    private final ProcessImage registers = new ProcessImage();
    private int port;
    private ModbusTcpServer controller;
    private RunningShop shop;
    private Client owner;
    private Fires fires;
    private long kiln;

    @BeforeEach
    void wire() throws Exception {
        port = freePort();
        controller = controller();
        controller.start();
        shows(20, 0, false);
        shop = RunningShop.withTwoMakers(Map.of("spring.main.sources", ModbusKilns.class.getName()));
        owner = shop.owner();
        fires = new Fires(shop, shop.signedIn("bram"));
        kiln = keep(Map.of("controller", "MODBUS_TCP", "address", String.valueOf(port)))
                .isOk()
                .json()
                .path("about")
                .asLong();
    }

    @AfterEach
    void unwire() throws Exception {
        shop.close();
        controller.stop();
    }

    @Test
    void it_is_lit_by_what_its_controller_is_told_and_shows_what_its_controller_shows() {
        long piece = fires.ready(owner, Map.of(), "harden");
        long load = fires.plan(kiln, "HARDEN", piece);
        fires.tell(load, "light", Map.of()).isOk();
        assertThat(order()).isEqualTo(ModbusKilns.LIGHT);
        assertThat(holding(1)).as("parts of its programme").isEqualTo(1);
        assertThat(holding(ModbusKilns.PART) / 10.0)
                .as("1500 °F is (1500 − 32) ÷ 1.8 = 815.6 °C")
                .isBetween(815.5, 815.6);
        assertThat(holding(ModbusKilns.PART + 2)).isEqualTo(ModbusKilns.UNTIL_TOLD);

        shows(640, 815.6, true);
        assertThat(ofTheKiln().path("shows").asString()).isEqualTo("1184 °F");
        assertThat(ofTheKiln().path("isLit").asBoolean()).isTrue();
        assertThat(ofTheKiln().path("isStandIn").asBoolean()).isFalse();
        assertThat(owner.post("/api/fire/kilns/" + kiln + "/door", Map.of("isOpen", true))
                        .isRefused(409, "out-of-turn")
                        .detail())
                .contains("wired to the program");

        fires.tell(load, "give-up", Map.of("words", "the coupon broke coarse")).isOk();
        assertThat(order()).isEqualTo(ModbusKilns.OUT);
    }

    @Test
    void nothing_is_told_for_a_command_that_is_refused_or_was_carried_out_before() {
        long piece = fires.ready(owner, Map.of(), "harden");
        long load = fires.plan(kiln, "HARDEN", piece);
        String path = "/api/fire/loads/" + load + "/light";
        Client maker = shop.signedIn("bram");
        maker.postAs("lit-once-0001", path, Map.of()).isOk();
        registers.with(all -> all.writeHoldingRegisters(Map::clear));
        maker.postAs("lit-once-0001", path, Map.of()).isOk();
        maker.post(path, Map.of()).isRefused(409, "out-of-turn");
        assertThat(order()).as("nothing was written").isZero();
    }

    @Test
    void a_controller_that_does_not_answer_is_an_alarm_and_what_it_did_not_take_is_another() throws Exception {
        long piece = fires.ready(owner, Map.of(), "harden");
        long load = fires.plan(kiln, "HARDEN", piece);
        controller.stop();
        shop.bean(KilnWatch.class).look();
        assertThat(ofTheKiln().path("fault").asString()).isEqualTo("The controller does not answer");
        assertThat(alarms()).anyMatch(words -> words.contains("does not answer"));

        fires.tell(load, "light", Map.of()).isOk();
        assertThat(alarms())
                .as("the change is kept, and everybody hears that the kiln knows nothing of it")
                .anyMatch(words -> words.contains("did not take what it was told"));

        controller = controller();
        controller.start();
        assertThat(ofTheKiln().path("fault").asString()).as("it answers again").isEmpty();
    }

    @Test
    void a_wrong_kind_or_address_is_refused_and_a_kind_that_is_not_known_any_more_says_so() {
        assertThat(keep(Map.of("controller", "TELEPATHY"))
                        .isRefused(422, "entries")
                        .text())
                .contains("Not wired: a stand-in", "Over the network, Modbus TCP");
        assertThat(keep(Map.of("controller", "MODBUS_TCP", "address", "by the window"))
                        .isRefused(422, "entries")
                        .text())
                .contains("“by the window” is no port");
        shop.restartWith(Map.of());
        assertThat(ofTheKiln().path("fault").asString())
                .as("without its connector")
                .isEqualTo("The controller does not answer");
    }

    private Client.Answer keep(Map<String, String> wiring) {
        Map<String, String> form = new HashMap<>(Fires.form("Wired kiln"));
        form.putAll(wiring);
        return owner.post("/api/fire/kilns", form);
    }

    private JsonNode ofTheKiln() {
        shop.bean(KilnWatch.class).look();
        return shop.owner().get("/api/fire").isOk().json().path("kilns").path(0);
    }

    private List<String> alarms() {
        return owner.get("/api/alarms")
                .isOk()
                .json()
                .valueStream()
                .map(alarm -> alarm.path("words").asString())
                .toList();
    }

    private ModbusTcpServer controller() {
        return ModbusTcpServer.create(
                NettyTcpServerTransport.create(line -> {
                    line.bindAddress = "127.0.0.1";
                    line.port = port;
                }),
                new ReadWriteModbusServices() {
                    @Override
                    protected Optional<ProcessImage> getProcessImage(int unit) {
                        return unit == ModbusKilns.UNIT ? Optional.of(registers) : Optional.empty();
                    }
                });
    }

    private void shows(double celsius, double wanted, boolean isLit) {
        registers.with(all -> all.writeInputRegisters(inputs -> {
            inputs.put(ModbusKilns.SHOWN, bytes(Math.round(celsius * 10)));
            inputs.put(ModbusKilns.SHOWN + 1, bytes(Math.round(wanted * 10)));
            inputs.put(ModbusKilns.SHOWN + 2, bytes(isLit ? 1 : 0));
            inputs.put(ModbusKilns.SHOWN + 3, bytes(0));
        }));
    }

    private static byte[] bytes(long value) {
        return ByteBuffer.allocate(2).putShort((short) value).array();
    }

    private int order() {
        return holding(ModbusKilns.ORDER);
    }

    private int holding(int register) {
        return registers.get(all -> all.readHoldingRegisters(each ->
                ByteBuffer.wrap(each.getOrDefault(register, new byte[2])).getShort() & 0xFFFF));
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
