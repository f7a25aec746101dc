package hiltboard.server.stock;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Operation;
import hiltboard.core.stock.SawnBlock;
import hiltboard.core.stock.StockField;
import hiltboard.core.stock.StockKind;
import hiltboard.server.FieldView;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.job.NoteRepository.Picture;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.live.Command;
import hiltboard.server.live.Receipt;
import hiltboard.server.stock.Rack.Missing;
import hiltboard.server.stock.Rack.Standing;
import hiltboard.server.stock.SawingService.AskedScale;
import hiltboard.server.stock.StockRepository.Claim;
import hiltboard.server.stock.StockRepository.LotRow;
import hiltboard.server.stock.StockRepository.Promise;
import hiltboard.server.stock.StockService.NewLot;
import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongFunction;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The racks, one lot, and what a piece needs of them. */
@RestController
class StockController {
    private final StockService service;
    private final PromiseService promising;
    private final SawingService sawing;
    private final StockRepository stock;
    private final Rack rack;
    private final BuyingList buying;
    private final PieceFiles pieces;

    StockController(
            StockService service,
            PromiseService promising,
            SawingService sawing,
            StockRepository stock,
            Rack rack,
            BuyingList buying,
            PieceFiles pieces) {
        this.service = service;
        this.promising = promising;
        this.sawing = sawing;
        this.stock = stock;
        this.rack = rack;
        this.buying = buying;
        this.pieces = pieces;
    }

    record KindView(
            String kind,
            String words,
            String rack,
            String amountAccepted,
            boolean isSawn,
            boolean isKept,
            List<FieldView> fields) {}

    /** To whom something of a lot is promised. */
    record PromiseView(long id, long pieceId, String piece, String job, String amount, String by) {}

    /**
     * A lot on a rack.
     *
     * @param lengthMillimetres of what is sawn to length, for its drawing; zero for others
     * @param freeMillimetres the part of it that nobody has been promised
     * @param mark what a buyer or a maker should see at once: low, past its day, a gift; empty for none
     */
    record LotView(
            long id,
            long itemId,
            String words,
            String amount,
            String free,
            double lengthMillimetres,
            double freeMillimetres,
            String place,
            String since,
            String mark,
            List<PromiseView> promises) {}

    record RackView(String kind, String rack, List<LotView> lots) {}

    record Racks(List<RackView> racks, int openClaims) {}

    record MovementView(String what, String amount, String words, String by, long atMillis) {}

    record ClaimView(
            long id, String lot, long lotId, String amount, String words, String by, long atMillis, String settled) {}

    record LotFileView(long id, String what, String fileName) {}

    /** A lot with its history; entries as the reader would type them. */
    record LotPage(
            LotView lot,
            String kind,
            Map<String, String> entries,
            List<MovementView> movements,
            List<LotFileView> files,
            List<ClaimView> claims) {}

    record ChoiceView(long lotId, String words, String place, String free, String takes) {}

    record NotServingView(String words, String why) {}

    /**
     * A need of a piece. Standing is TAKEN, PROMISED, PASSED, HERE or MISSING; a billet can be forged where it is
     * missing.
     */
    record NeedView(
            String key,
            String words,
            boolean isBillet,
            String step,
            String operation,
            String standing,
            String lot,
            String place,
            String amount,
            long promiseId,
            List<ChoiceView> choices,
            List<NotServingView> notServing,
            String supplier,
            String leadDays) {}

    record Materials(List<NeedView> needs, String arrival) {}

    record Moved(String amount, String words) {}

    /** What a block yields: pairs that mirror each other, further pairs, a single scale, and the arithmetic. */
    record SawnView(int bookmatched, int plain, int single, List<String> working) {}

    record Words(String words) {}

    /** Answers as they were typed, and as the page saw them before. */
    record Details(Map<String, String> entries, Map<String, String> before) {}

    record Promised(String need, long lot) {}

    @GetMapping("/api/stock/kinds")
    List<KindView> kinds(Person person) {
        return Arrays.stream(StockKind.values())
                .map(kind -> new KindView(
                        kind.name(),
                        kind.words(),
                        kind.rack(),
                        kind.counted().accepted(),
                        kind.isSawn(),
                        kind.isKept(),
                        StockField.of(kind).stream()
                                .map(field -> FieldView.of(field, service.form(kind), person.units()))
                                .toList()))
                .toList();
    }

    @GetMapping("/api/stock")
    @Transactional(readOnly = true)
    Racks racks(Person person) {
        Map<Long, List<Promise>> promises = stock.openPromises().stream().collect(Collectors.groupingBy(Promise::lot));
        Map<StockKind, List<LotRow>> byKind = rack.lots().stream()
                .collect(Collectors.groupingBy(row -> row.lot().kind()));
        Map<Long, PieceFile> alive =
                pieces.openAllOfLivingJobs().stream().collect(Collectors.toMap(PieceFile::id, Function.identity()));
        return new Racks(
                Arrays.stream(StockKind.values())
                        .filter(byKind::containsKey)
                        .map(kind -> new RackView(
                                kind.name(),
                                kind.rack(),
                                byKind.get(kind).stream()
                                        .map(row -> view(
                                                row,
                                                promises.getOrDefault(row.id(), List.of()),
                                                alive::get,
                                                person.units()))
                                        .toList()))
                        .toList(),
                (int) stock.claims().stream()
                        .filter(claim -> claim.settled().isEmpty())
                        .count());
    }

    private LotView view(LotRow row, List<Promise> promises, LongFunction<PieceFile> piece, Units units) {
        return new LotView(
                row.id(),
                row.item(),
                row.lot().words(units),
                row.lot().kind().counted().words(row.amount(), units),
                row.lot().kind().counted().words(row.free(), units),
                length(row, row.amount()),
                length(row, row.free()),
                row.lot().value(StockField.PLACE).orElse(""),
                row.lot().value(StockField.SINCE).orElse(""),
                buying.mark(row),
                promises.stream()
                        .map(promise -> {
                            PieceFile file = piece.apply(promise.piece());
                            return new PromiseView(
                                    promise.id(),
                                    file.id(),
                                    file.name(),
                                    file.jobTitle(),
                                    taken(row, promise.amount(), units),
                                    promise.by());
                        })
                        .toList());
    }

    /** Empty for what is only used and does not get less. */
    private static String taken(LotRow row, long amount, Units units) {
        return amount == 0 ? "" : row.lot().kind().counted().words(amount, units);
    }

    private static double length(LotRow row, long nanometres) {
        return row.lot().kind().isSawn() ? new Length(nanometres).millimetres() : 0;
    }

    @PostMapping("/api/stock/lots")
    Receipt receive(@RequestBody NewLot lot, Person person, Command command) {
        return service.receive(lot, person, command);
    }

    @GetMapping("/api/stock/lots/{id}")
    @Transactional(readOnly = true)
    LotPage lot(@PathVariable long id, Person person) {
        LotRow row = stock.known(id);
        Units units = person.units();
        Map<String, String> entries = new LinkedHashMap<>();
        StockField.of(row.lot().kind())
                .forEach(field -> entries.put(field.key(), row.lot().entry(field, units)));
        List<Promise> promises = stock.openPromises().stream()
                .filter(promise -> promise.lot() == id)
                .toList();
        return new LotPage(
                view(row, promises, pieces::open, units),
                row.lot().kind().name(),
                entries,
                stock.movements(id).stream()
                        .map(each -> new MovementView(
                                what(each.kind()),
                                (each.change() < 0 ? "−" : "+")
                                        + row.lot().kind().counted().words(Math.abs(each.change()), units),
                                each.words(),
                                each.by(),
                                each.atMillis()))
                        .toList(),
                stock.files(id).stream()
                        .map(file -> new LotFileView(file.id(), file.what(), file.fileName()))
                        .toList(),
                claims(claim -> claim.lot() == id, units));
    }

    private static String what(String kind) {
        return switch (kind) {
            case "RECEIVED" -> "Received";
            case "TAKEN" -> "Taken";
            case "USED" -> "Used";
            case "CUT" -> "Cut";
            case "COUNTED" -> "Counted";
            case "RETURNED" -> "Put back";
            default -> "Claimed";
        };
    }

    @GetMapping("/api/stock/claims")
    @Transactional(readOnly = true)
    List<ClaimView> allClaims(Person person) {
        return claims(claim -> true, person.units());
    }

    private List<ClaimView> claims(Predicate<Claim> which, Units units) {
        return stock.claims().stream()
                .filter(which)
                .map(claim -> {
                    LotRow row = stock.lot(claim.lot()).orElseThrow();
                    String amount = row.lot().kind().isSawn() && claim.amount() < 1_000
                            ? claim.amount() + (claim.amount() == 1 ? " piece" : " pieces")
                            : row.lot().kind().counted().words(claim.amount(), units);
                    return new ClaimView(
                            claim.id(),
                            row.lot().words(units),
                            row.id(),
                            amount,
                            claim.words(),
                            claim.by(),
                            claim.atMillis(),
                            claim.settled());
                })
                .toList();
    }

    @PostMapping("/api/stock/lots/{id}/describe")
    Receipt describe(@PathVariable long id, @RequestBody Details entries, Person person, Command command) {
        return service.describe(id, entries.entries(), entries.before(), person, command);
    }

    @PostMapping("/api/stock/lots/{id}/take")
    Receipt take(@PathVariable long id, @RequestBody Moved moved, Person person, Command command) {
        return service.take(id, moved.amount(), moved.words(), person, command);
    }

    @PostMapping("/api/stock/lots/{id}/count")
    Receipt count(@PathVariable long id, @RequestBody Moved moved, Person person, Command command) {
        return service.count(id, moved.amount(), moved.words(), person, command);
    }

    @PostMapping("/api/stock/lots/{id}/claim")
    Receipt claim(@PathVariable long id, @RequestBody Moved moved, Person person, Command command) {
        return service.claim(id, moved.amount(), moved.words(), person, command);
    }

    /** What a block would yield if it were sawn so. */
    @PostMapping("/api/stock/lots/{id}/sawn")
    @Transactional(readOnly = true)
    SawnView sawn(@PathVariable long id, @RequestBody AskedScale scale, Person person) {
        SawnBlock.Yield yield = sawing.sawn(id, scale, person.units());
        return new SawnView(yield.bookmatched(), yield.plain(), yield.single(), yield.working());
    }

    @PostMapping("/api/stock/lots/{id}/saw")
    Receipt saw(@PathVariable long id, @RequestBody AskedScale scale, Person person, Command command) {
        return sawing.saw(id, scale, person, command);
    }

    @PostMapping("/api/stock/claims/{id}/settle")
    Receipt settle(@PathVariable long id, @RequestBody Words words, Person person, Command command) {
        return service.settle(id, words.words(), person, command);
    }

    @PostMapping("/api/stock/items/{id}/supply")
    Receipt supply(@PathVariable long id, @RequestBody Details entries, Person person, Command command) {
        return service.supply(id, entries.entries(), entries.before(), person, command);
    }

    @PostMapping(path = "/api/stock/lots/{id}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Receipt attach(
            @PathVariable long id,
            @RequestParam(defaultValue = "PHOTO") String what,
            @RequestParam MultipartFile photo,
            Person person,
            Command command)
            throws IOException {
        String name = Optional.ofNullable(photo.getOriginalFilename())
                .filter(given -> !given.isBlank())
                .orElse("photo");
        return service.attach(id, what, name, photo.getBytes(), person, command);
    }

    @Hidden
    @GetMapping("/api/stock/files/{file}/{size}")
    @Transactional(readOnly = true)
    ResponseEntity<byte[]> file(@PathVariable long file, @PathVariable String size) {
        Picture picture = (size.equals("thumbnail") ? stock.thumbnail(file) : stock.original(file))
                .orElseThrow(() -> Refusal.notThere("There is no such picture."));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.mediaType()))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(picture.bytes());
    }

    @GetMapping("/api/pieces/{id}/materials")
    @Transactional(readOnly = true)
    Materials materials(@PathVariable long id, Person person) {
        PieceFile file = pieces.open(id);
        List<Standing> needs = rack.standing(file, person.units());
        List<Missing> missing = rack.missing(needs);
        return new Materials(
                needs.stream().map(each -> view(each, missing, person.units())).toList(),
                missing.isEmpty() ? "" : rack.arrival(missing).toString());
    }

    private NeedView view(Standing each, List<Missing> missing, Units units) {
        Optional<LotRow> promised = each.promise().flatMap(promise -> stock.lot(promise.lot()));
        Optional<Missing> gone = missing.stream()
                .filter(one -> one.words().equals(each.need().words()))
                .findFirst();
        return new NeedView(
                each.need().key(),
                each.need().words(),
                each.need().kinds().contains(StockKind.BILLET),
                each.step().map(Operation::title).orElse(""),
                each.step().map(Operation::key).orElse(""),
                standing(each),
                promised.map(row -> row.lot().words(units)).orElse(""),
                promised.flatMap(row -> row.lot().value(StockField.PLACE)).orElse(""),
                promised.map(row -> taken(row, each.promise().orElseThrow().amount(), units))
                        .orElse(""),
                each.promise().map(Promise::id).orElse(0L),
                each.choices().stream()
                        .map(choice -> new ChoiceView(
                                choice.lot().id(),
                                choice.lot().lot().words(units),
                                choice.lot().lot().value(StockField.PLACE).orElse(""),
                                choice.lot()
                                        .lot()
                                        .kind()
                                        .counted()
                                        .words(choice.lot().free(), units),
                                taken(choice.lot(), choice.takes(), units)))
                        .toList(),
                each.notServing().stream()
                        .map(not -> new NotServingView(not.lot().lot().words(units), not.why()))
                        .distinct()
                        .limit(4)
                        .toList(),
                gone.map(Missing::supplier).orElse(""),
                gone.flatMap(Missing::leadDays).map(String::valueOf).orElse(""));
    }

    private static String standing(Standing need) {
        if (need.promise().isPresent()) {
            return need.promise().get().isTaken() ? "TAKEN" : "PROMISED";
        }
        return need.isPassed() ? "PASSED" : need.choices().isEmpty() ? "MISSING" : "HERE";
    }

    @PostMapping("/api/pieces/{id}/materials/promise")
    Receipt promise(@PathVariable long id, @RequestBody Promised promised, Person person, Command command) {
        return promising.promise(id, promised.need(), promised.lot(), person, command);
    }

    @PostMapping("/api/pieces/{id}/materials/promise-all")
    Receipt promiseAll(@PathVariable long id, Person person, Command command) {
        return promising.promiseAll(id, person, command);
    }

    @PostMapping("/api/stock/promises/{id}/release")
    Receipt release(@PathVariable long id, Person person, Command command) {
        return promising.release(id, person, command);
    }
}
