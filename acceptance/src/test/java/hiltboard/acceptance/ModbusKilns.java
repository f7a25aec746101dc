package hiltboard.acceptance;

import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.exceptions.ModbusException;
import com.digitalpetri.modbus.exceptions.ModbusExecutionException;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.pdu.WriteMultipleRegistersRequest;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import hiltboard.core.fire.KilnFault;
import hiltboard.core.fire.Segment;
import hiltboard.server.device.ConnectedKiln;
import hiltboard.server.device.KilnConnector;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * A second kind of kiln, to show that the program takes one: a controller with a few registers of its own behind Modbus
 * TCP. It is no real make's; what each register holds is said at its constant.
 */
public final class ModbusKilns implements KilnConnector {
    static final int UNIT = 1;
    private static final Duration PATIENCE = Duration.ofMillis(400);
    /** Input registers: tenths of a degree Celsius shown, and wanted; 1 where it is lit; the part of its programme. */
    static final int SHOWN = 0;

    static final int INPUTS = 4;
    /** Holding registers: {@link #LIGHT}, {@link #NEXT} or {@link #OUT}; the number of parts; three for each part. */
    static final int ORDER = 0;

    static final int LIGHT = 1;
    static final int NEXT = 2;
    static final int OUT = 3;
    static final int PART = 2;
    /** A part that lasts until it is told to go on. */
    static final int UNTIL_TOLD = 0xFFFF;

    @Override
    public String kind() {
        return "MODBUS_TCP";
    }

    @Override
    public String words() {
        return "Over the network, Modbus TCP";
    }

    @Override
    public String address() {
        return "a port of this machine, such as 502";
    }

    @Override
    public ConnectedKiln connect(Plate plate) {
        if (!plate.address().matches("\\d{1,5}")) {
            throw new IllegalArgumentException("“" + plate.address() + "” is no port");
        }
        return new Wired(Integer.parseInt(plate.address()));
    }

    private static final class Wired implements ConnectedKiln {
        private final int port;
        private Optional<ModbusTcpClient> line = Optional.empty();
        private List<Segment> told = List.of();

        Wired(int port) {
            this.port = port;
        }

        @Override
        public synchronized Status status() {
            try {
                ByteBuffer inputs =
                        ByteBuffer.wrap(line().readInputRegisters(UNIT, new ReadInputRegistersRequest(SHOWN, INPUTS))
                                .registers());
                Shown shown = new Shown(
                        System.currentTimeMillis(), Optional.of(inputs.getShort() / 10.0), inputs.getShort() / 10.0);
                boolean isLit = inputs.getShort() == 1;
                return new Status(
                        shown, isLit, inputs.getShort(), isLit ? told : List.of(), false, isLit, Optional.empty());
            } catch (ModbusException failure) {
                Shown nothing = new Shown(System.currentTimeMillis(), Optional.empty(), 0);
                return new Status(nothing, false, 0, List.of(), false, false, Optional.of(KilnFault.SILENT));
            }
        }

        /** A line that is open, made anew where the last one broke. */
        private ModbusTcpClient line() throws ModbusException {
            if (line.filter(ModbusTcpClient::isConnected).isEmpty()) {
                close();
                ModbusTcpClient client = ModbusTcpClient.create(
                        NettyTcpClientTransport.create(to -> {
                            to.setHostname("127.0.0.1");
                            to.setPort(port);
                            to.setConnectPersistent(false);
                        }),
                        how -> how.setRequestTimeout(PATIENCE));
                line = Optional.of(client);
                try {
                    client.connectAsync().toCompletableFuture().get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
                } catch (ExecutionException | TimeoutException failure) {
                    throw new ModbusExecutionException(failure);
                } catch (InterruptedException interrupted) {
                    Thread.currentThread().interrupt();
                    throw new ModbusExecutionException(interrupted);
                }
            }
            return line.orElseThrow();
        }

        @Override
        public List<Shown> shown() {
            Status status = status();
            return status.fault().isEmpty() ? List.of(status.shown()) : List.of();
        }

        @Override
        public synchronized void light(List<Segment> programme) {
            ByteBuffer registers = ByteBuffer.allocate(2 * (PART + 3 * programme.size()));
            registers.putShort((short) LIGHT).putShort((short) programme.size());
            for (Segment part : programme) {
                registers
                        .putShort((short) Math.round(part.to().celsius() * 10))
                        .putShort((short) Math.round(part.kelvinPerHour()))
                        .putShort((short) part.stays()
                                .map(Duration::toMinutes)
                                .orElse((long) UNTIL_TOLD)
                                .intValue());
            }
            write(registers);
            told = programme;
        }

        @Override
        public void next() {
            write(ByteBuffer.allocate(2).putShort((short) NEXT));
        }

        @Override
        public void out() {
            write(ByteBuffer.allocate(2).putShort((short) OUT));
        }

        private synchronized void write(ByteBuffer registers) {
            try {
                line().writeMultipleRegisters(
                                UNIT,
                                new WriteMultipleRegistersRequest(ORDER, registers.capacity() / 2, registers.array()));
            } catch (ModbusException failure) {
                throw new IllegalStateException("It was not taken: " + failure.getMessage(), failure);
            }
        }

        @Override
        public synchronized void close() {
            line.ifPresent(ModbusTcpClient::disconnectAsync);
            line = Optional.empty();
        }
    }
}
