package io.isokinet.server.lesson;

import io.isokinet.core.kit.MakeSheet;
import io.isokinet.core.quantity.Age;
import io.isokinet.core.score.Game;
import io.isokinet.core.score.Games;
import io.isokinet.server.account.MayRead;
import io.isokinet.server.account.Subject;
import io.isokinet.server.account.Teams;
import io.isokinet.server.http.NotFoundException;
import io.isokinet.server.knowhow.KnowHows;
import io.isokinet.server.lesson.Sheets.LessonWork;
import io.isokinet.server.paper.PdfPress;
import io.isokinet.server.table.TableWriter;
import io.isokinet.server.unit.LessonHeader;
import io.isokinet.server.unit.LessonState;
import io.isokinet.server.unit.Lessons;
import io.isokinet.server.unit.UnitBoards;
import io.isokinet.server.unit.UnitView;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lessons on paper. */
@RestController
@RequestMapping("/api")
class PaperController {
    private static final List<String> EMPTY_LINES = Collections.nCopies(6, " ");

    private final Sheets sheets;
    private final Papers papers;
    private final Lessons lessons;
    private final UnitBoards boards;
    private final KnowHows knowHows;
    private final Teams teams;

    PaperController(Sheets sheets, Papers papers, Lessons lessons, UnitBoards boards, KnowHows knowHows, Teams teams) {
        this.sheets = sheets;
        this.papers = papers;
        this.lessons = lessons;
        this.boards = boards;
        this.knowHows = knowHows;
        this.teams = teams;
    }

    /** What can be printed of a lesson. */
    enum Paper {
        SHEET,
        CUE_CARDS,
        STATION_CARDS,
        CHALLENGE_CARDS,
        SCORE_CARDS,
        HOME_SHEET
    }

    @GetMapping(value = "/lessons/{id}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayRead(of = Subject.LESSON)
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> lesson(@PathVariable UUID id, @RequestParam Paper kind) {
        LessonWork worked = sheets.work(id);
        SheetView sheet = worked.view();
        String title = "%s lesson %d %s"
                .formatted(
                        sheet.className(),
                        sheet.number(),
                        kind.name().toLowerCase(Locale.ROOT).replace('_', ' '));
        return PdfPress.answer(
                title,
                switch (kind) {
                    case SHEET -> papers.sheets(title, List.of(worked), knowHows.current());
                    case CUE_CARDS -> papers.cueCards(title, sheet, knowHows.current());
                    case STATION_CARDS -> papers.setUpCards(title, worked, knowHows.current());
                    case CHALLENGE_CARDS -> papers.challengeCards(title, worked, knowHows.current());
                    case SCORE_CARDS -> papers.scoreCards(title, sheet);
                    case HOME_SHEET -> papers.homeSheet(sheet, knowHows.current());
                });
    }

    /** Every lesson of a day, in the order of time. */
    @GetMapping(value = "/days/{day}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayRead
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> day(@PathVariable LocalDate day) {
        List<LessonHeader> held = lessons.between(day, day, teams.visible()).stream()
                .filter(l -> l.state() != LessonState.LOST)
                .toList();
        List<LessonWork> all = lessons.inHand(held).stream().map(sheets::work).toList();
        if (all.isEmpty())
            throw NotFoundException.saying("There is no lesson on %s to print; choose another day.".formatted(day));
        return PdfPress.answer("Lessons " + day, papers.sheets("Lessons " + day, all, knowHows.current()));
    }

    /** A unit on a page across. */
    @GetMapping(value = "/units/{id}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayRead(of = Subject.UNIT)
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> unit(@PathVariable UUID id) {
        UnitView unit = boards.view(id);
        return PdfPress.answer(unit.schoolClass().name() + " " + unit.title(), papers.unit(unit));
    }

    /** One row a segment. */
    @GetMapping(value = "/units/{id}/segments.csv", produces = TableWriter.CSV_TYPE)
    @MayRead(of = Subject.UNIT)
    @Transactional(readOnly = true)
    public ResponseEntity<byte[]> segments(@PathVariable UUID id) {
        UnitView unit = boards.view(id);
        return TableWriter.csv(unit.schoolClass().name() + " " + unit.title(), UnitPaper.COLUMNS, UnitPaper.rows(unit));
    }

    /**
     * The card of a game of the score desk.
     *
     * @param game as docs/formats/in-the-hall.md tells it
     * @param sides names of those who play; empty lines without them
     */
    @GetMapping(value = "/score-cards/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayRead
    ResponseEntity<byte[]> scoreCard(
            @RequestParam String game, @RequestParam(required = false) @Nullable List<String> sides) {
        Game played = Games.game(game);
        String title = "Score card: " + played.name();
        return PdfPress.answer(title, papers.gameCard(title, played.card(), sides == null ? EMPTY_LINES : sides));
    }

    /**
     * How to make so many of a home-made thing.
     *
     * @param age of the class it is for
     * @param makers pairs of hands that share the work
     */
    @GetMapping("/make-sheets/{item}")
    @MayRead
    MakeSheet makeSheet(
            @PathVariable String item,
            @RequestParam int count,
            @RequestParam int age,
            @RequestParam(defaultValue = "1") int makers) {
        return MakeSheet.of(knowHows.withOwnThings().item(item), count, new Age(age), makers);
    }

    @GetMapping(value = "/make-sheets/{item}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    @MayRead
    ResponseEntity<byte[]> makeSheetPaper(
            @PathVariable String item,
            @RequestParam int count,
            @RequestParam int age,
            @RequestParam(defaultValue = "1") int makers) {
        MakeSheet sheet = makeSheet(item, count, age, makers);
        return PdfPress.answer("Make " + sheet.name(), papers.makeSheets(List.of(sheet)));
    }
}
