package hiltboard.server.stock;

import hiltboard.server.access.Person;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.OrderService.NewOrder;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Says of a line of the buying list that it is ordered, has come, or was not ordered after all. */
@RestController
class OrderController {
    private final OrderService orders;

    OrderController(OrderService orders) {
        this.orders = orders;
    }

    /** @param hasCome otherwise it was not ordered after all */
    record Closed(boolean hasCome) {}

    @PostMapping("/api/stock/orders")
    Receipt order(@RequestBody NewOrder wanted, Person person, Command command) {
        return orders.order(wanted, person, command);
    }

    @PostMapping("/api/stock/orders/{id}/close")
    Receipt close(@PathVariable long id, @RequestBody Closed closed, Command command) {
        return orders.close(id, closed.hasCome(), command);
    }
}
