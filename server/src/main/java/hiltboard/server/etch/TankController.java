package hiltboard.server.etch;

import hiltboard.server.FieldView;
import hiltboard.server.access.Person;
import hiltboard.server.etch.BathService.AskedBath;
import hiltboard.server.etch.BathService.AskedCare;
import hiltboard.server.etch.BathService.AskedCoupon;
import hiltboard.server.etch.BathService.AskedGone;
import hiltboard.server.etch.BathViews.BathView;
import hiltboard.server.etch.TankService.AskedMoment;
import hiltboard.server.etch.TankService.AskedRating;
import hiltboard.server.etch.TankService.AskedRun;
import hiltboard.server.etch.TankViews.PieceTankView;
import hiltboard.server.etch.TankViews.TankView;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The tank: what is in it, and the baths themselves. */
@RestController
class TankController {
    private final TankService tank;
    private final TankViews views;
    private final BathService baths;
    private final BathViews bathViews;

    TankController(TankService tank, TankViews views, BathService baths, BathViews bathViews) {
        this.tank = tank;
        this.views = views;
        this.baths = baths;
        this.bathViews = bathViews;
    }

    @GetMapping("/api/tank")
    @Transactional(readOnly = true)
    TankView tank(Person person) {
        return views.tank(person);
    }

    @GetMapping("/api/tank/pieces/{id}")
    @Transactional(readOnly = true)
    PieceTankView piece(@PathVariable long id, Person person) {
        return views.piece(id, person);
    }

    @PostMapping("/api/tank/runs")
    Receipt begin(@RequestBody AskedRun asked, Person person, Command command) {
        return tank.begin(asked, person, command);
    }

    @PostMapping("/api/tank/runs/{id}/moments")
    Receipt note(@PathVariable long id, @RequestBody AskedMoment asked, Person person, Command command) {
        return tank.note(id, asked, person, command);
    }

    @PostMapping("/api/tank/runs/{id}/take-back")
    Receipt takeBack(@PathVariable long id, Command command) {
        return tank.takeBack(id, command);
    }

    @PostMapping("/api/tank/runs/{id}/rating")
    Receipt rate(@PathVariable long id, @RequestBody AskedRating asked, Person person, Command command) {
        return tank.rate(id, asked, person, command);
    }

    /** What is asked of a new bath. */
    @GetMapping("/api/tank/bath-fields")
    @Transactional(readOnly = true)
    List<FieldView> fields(Person person) {
        return bathViews.fields(person.units());
    }

    @PostMapping("/api/tank/baths")
    Receipt mix(@RequestBody AskedBath asked, Person person, Command command) {
        return baths.mix(asked, person, command);
    }

    @GetMapping("/api/tank/baths/{id}")
    @Transactional(readOnly = true)
    BathView bath(@PathVariable long id, Person person) {
        return bathViews.bath(id, person);
    }

    @PostMapping("/api/tank/baths/{id}")
    Receipt describe(@PathVariable long id, @RequestBody AskedBath asked, Person person, Command command) {
        return baths.describe(id, asked, person, command);
    }

    @PostMapping("/api/tank/baths/{id}/cares")
    Receipt care(@PathVariable long id, @RequestBody AskedCare asked, Person person, Command command) {
        return baths.care(id, asked, person, command);
    }

    @PostMapping("/api/tank/baths/{id}/coupons")
    Receipt tried(@PathVariable long id, @RequestBody AskedCoupon asked, Person person, Command command) {
        return baths.tried(id, asked, person, command);
    }

    @PostMapping("/api/tank/baths/{id}/coupons/{coupon}/strike")
    Receipt strikeCoupon(@PathVariable long id, @PathVariable long coupon, Command command) {
        return baths.strikeCoupon(id, coupon, command);
    }

    @PostMapping("/api/tank/baths/{id}/gone")
    Receipt gone(@PathVariable long id, @RequestBody AskedGone asked, Person person, Command command) {
        return baths.gone(id, asked, person, command);
    }

    @PostMapping("/api/tank/baths/{id}/stands")
    Receipt stands(@PathVariable long id, Command command) {
        return baths.stands(id, command);
    }

    @PostMapping("/api/tank/baths/{id}/cares/{care}/strike")
    Receipt strikeCare(@PathVariable long id, @PathVariable long care, Command command) {
        return baths.strikeCare(id, care, command);
    }
}
