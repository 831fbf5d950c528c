package baylantern.core.exchange;

import baylantern.core.bench.BenchChecks;
import baylantern.core.bench.Cover;
import baylantern.core.care.Sign;
import baylantern.core.exchange.NotebookReport.Reason;
import baylantern.core.exchange.NotebookReport.Refusal;
import baylantern.core.exchange.NotebookReport.Remark;
import baylantern.core.exchange.NotebookTable.Line;
import baylantern.core.exchange.phrase.PhraseWords;
import baylantern.core.exchange.phrase.ResultReader;
import baylantern.core.rules.Words;
import baylantern.core.table.DateReader;
import baylantern.core.table.DateReading;
import baylantern.core.table.DayOrder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Reads a notebook: proposes what everything means, takes what it can, and says why for every row it cannot. */
public final class NotebookReader {

    private static final LocalDate EARLIEST = LocalDate.of(1950, 1, 1);

    private final Words words;
    private final DateReader dates;
    private final PhraseWords phrases;
    private final ColumnGuesser columnGuesser;

    public NotebookReader(Words words) {
        this.words = words;
        this.dates = new DateReader(words);
        this.phrases = new PhraseWords(words);
        this.columnGuesser = new ColumnGuesser(words, dates, phrases);
    }

    /**
     * Reads a file.
     *
     * @param knownVarieties varieties the farm has, with their species key
     * @param alreadyHere true of the fingerprint of a row imported before
     * @throws NotebookRefused where the whole file cannot be taken
     */
    public NotebookReport read(
            byte[] file,
            NotebookChoices choices,
            LocalDate today,
            Map<String, String> knownVarieties,
            Predicate<String> alreadyHere) {
        NotebookText text = NotebookText.decode(file);
        NotebookTable table = NotebookTable.of(text.text(), words);
        return new Reading(text, table, choices, today, knownVarieties, alreadyHere).report();
    }

    /** The cover a remark names without denying it; empty where it names none. */
    public Optional<Cover> cover(String remark) {
        return CoverWords.named(remark, words);
    }

    /** One reading of one table under one set of choices. */
    private final class Reading {
        private final NotebookText text;
        private final NotebookTable table;
        private final LocalDate today;
        private final Predicate<String> alreadyHere;
        private final List<ColumnRole> roles;
        private final Set<Integer> chosen;
        private final Map<ColumnRole, Integer> at = new EnumMap<>(ColumnRole.class);
        private final WordBook results;
        private final WordBook techniques;
        private final WordBook species;
        private final SpeciesFinder finder;
        private final SpellingChoices varieties;
        private final SpellingChoices makers;
        private final LengthReader lengths;
        private final DateOrder order;
        private final boolean bareInches;
        private final List<NotebookGraft> grafts = new ArrayList<>();
        private final List<Refusal> refusals = new ArrayList<>();
        private final List<Remark> remarks = new ArrayList<>();

        Reading(
                NotebookText text,
                NotebookTable table,
                NotebookChoices choices,
                LocalDate today,
                Map<String, String> known,
                Predicate<String> alreadyHere) {
            this.text = text;
            this.table = table;
            this.today = today;
            this.alreadyHere = alreadyHere;
            this.roles = roles(choices);
            this.chosen = choices.columns().keySet();
            for (int column = 0; column < roles.size(); column++) {
                at.putIfAbsent(roles.get(column), column);
            }
            results = WordBook.ofResults(new ResultReader(phrases, heading(ColumnRole.RESULT)), choices.results());
            techniques = WordBook.of("techniques", words, choices.techniques());
            species = WordBook.of("species", words, choices.species());
            varieties = new SpellingChoices(ColumnRole.VARIETY, column(ColumnRole.VARIETY), choices);
            makers = new SpellingChoices(ColumnRole.MAKER, column(ColumnRole.MAKER), choices);
            finder = new SpeciesFinder(words, choices.varietySpecies(), known);
            lengths = new LengthReader(bothLengths(), choices.bareInches());
            bareInches = lengths.bareIsInches();
            DateOrder guessed =
                    DateOrder.of(table.lines().stream().map(this::pair).toList(), today);
            order = choices.dayFirst()
                    .map(DayOrder::of)
                    .map(day -> new DateOrder(day, guessed.sure() && day == guessed.usual(), "as you chose"))
                    .orElse(guessed);
        }

        private List<ColumnRole> roles(NotebookChoices choices) {
            List<ColumnRole> guessed = new ArrayList<>(columnGuesser.guess(table));
            choices.columns().forEach((column, role) -> {
                if (column >= 0 && column < guessed.size()) {
                    guessed.set(column, role);
                }
            });
            return guessed;
        }

        private List<String> column(ColumnRole role) {
            return table.lines().stream()
                    .filter(line -> !total(line))
                    .map(line -> cell(line, role))
                    .toList();
        }

        private String heading(ColumnRole role) {
            Integer column = at.get(role);
            return column == null ? "" : table.headings().get(column);
        }

        private List<String> bothLengths() {
            List<String> both = new ArrayList<>(column(ColumnRole.SCION_MM));
            both.addAll(column(ColumnRole.STOCK_MM));
            return both;
        }

        private String cell(Line line, ColumnRole role) {
            Integer column = at.get(role);
            return column == null ? "" : line.cell(column);
        }

        private DateOrder.Pair pair(Line line) {
            return new DateOrder.Pair(
                    dates.read(cell(line, ColumnRole.MADE_ON)), dates.read(cell(line, ColumnRole.SEEN_ON)));
        }

        NotebookReport report() {
            for (Line line : table.lines()) {
                species.peek(cell(line, ColumnRole.SPECIES))
                        .ifPresent(key -> finder.learn(
                                varieties.settled(cell(line, ColumnRole.VARIETY)), cell(line, ColumnRole.PLANT), key));
            }
            Set<List<String>> met = new HashSet<>();
            table.lines().forEach(line -> take(line, met));
            return result();
        }

        private void take(Line line, Set<List<String>> met) {
            if (total(line)) {
                refuse(line, Reason.TOTAL, "A row of totals, not a graft.");
            } else if (headingAgain(line)) {
                refuse(line, Reason.HEADING_AGAIN, "The headings again, not a graft.");
            } else if (!met.add(line.cells())) {
                refuse(line, Reason.DUPLICATE, "The same row stands in the file already.");
            } else if (alreadyHere.test(fingerprint(line))) {
                refuse(line, Reason.ALREADY_HERE, "This row was imported before.");
            } else {
                dated(line);
            }
        }

        private boolean total(Line line) {
            boolean dated =
                    !cell(line, ColumnRole.MADE_ON).isEmpty() && dates.looksLikeDate(cell(line, ColumnRole.MADE_ON));
            return !dated && line.cells().stream().anyMatch(words::total);
        }

        private boolean headingAgain(Line line) {
            return line.cells()
                    .equals(table.headings()
                            .subList(
                                    0,
                                    Math.min(
                                            line.cells().size(),
                                            table.headings().size())));
        }

        private void dated(Line line) {
            DateOrder.Pair pair = pair(line);
            String written = cell(line, ColumnRole.MADE_ON);
            switch (pair.made().trait()) {
                case EMPTY -> refuse(line, Reason.DATE_MISSING, "No date: the day it was made is not written.");
                case UNREADABLE ->
                    refuse(
                            line,
                            Reason.DATE_UNREADABLE,
                            "\"" + written + "\" cannot be read as one day of the calendar.");
                default -> named(line, pair, order.choose(pair, today));
            }
        }

        private void named(Line line, DateOrder.Pair pair, DateOrder.Chosen days) {
            LocalDate made = days.made().get(0);
            String variety = varieties.settled(cell(line, ColumnRole.VARIETY));
            if (made.isAfter(today)) {
                refuse(line, Reason.DATE_FUTURE, made + " lies ahead of today, " + today + ".");
            } else if (made.isBefore(EARLIEST)) {
                refuse(line, Reason.DATE_UNREADABLE, made + " is before 1950.");
            } else if (variety.isEmpty()) {
                refuse(line, Reason.VARIETY_MISSING, "No variety is written.");
            } else {
                judged(line, pair, days, variety);
            }
        }

        private void judged(Line line, DateOrder.Pair pair, DateOrder.Chosen days, String variety) {
            Optional<String> kind = Optional.ofNullable(
                            species.read(cell(line, ColumnRole.SPECIES)).key())
                    .or(() -> finder.find(variety, cell(line, ColumnRole.PLANT)));
            String written = cell(line, ColumnRole.RESULT);
            WordBook.Meaning said =
                    written.isEmpty() ? new WordBook.Meaning(Sign.NOTHING.name(), null) : results.read(written);
            if (kind.isEmpty()) {
                refuse(line, Reason.SPECIES_UNKNOWN, "Nothing says what species " + variety + " is.");
            } else if (said.key() == null) {
                String why = Objects.requireNonNullElse(said.ask(), "You said it is not known.");
                refuse(line, Reason.RESULT_UNKNOWN, "\"" + written + "\" is not understood as a result. " + why);
            } else {
                grafts.add(graft(line, pair, days, variety, kind.get(), Sign.valueOf(said.key())));
            }
        }

        private NotebookGraft graft(
                Line line, DateOrder.Pair pair, DateOrder.Chosen days, String variety, String kind, Sign sign) {
            LocalDate made = days.made().get(0);
            boolean dayKnown = pair.made().trait() != DateReading.Trait.MONTH_ONLY;
            if (!dayKnown) {
                remarks.add(new Remark(line.number(), "Only the month is written; the 15th stands for the day."));
            }
            boolean written = !cell(line, ColumnRole.RESULT).isEmpty();
            return new NotebookGraft(
                    line.number(),
                    new NotebookGraft.Made(made, dayKnown),
                    orNull(cell(line, ColumnRole.PLANT)),
                    new NotebookGraft.Kind(
                            variety,
                            kind,
                            techniques.read(cell(line, ColumnRole.TECHNIQUE)).key()),
                    orNull(makers.settled(cell(line, ColumnRole.MAKER))),
                    new NotebookGraft.Wood(orNull(cell(line, ColumnRole.SOURCE)), woodCut(line, made)),
                    new NotebookGraft.Sizes(length(line, ColumnRole.SCION_MM), length(line, ColumnRole.STOCK_MM)),
                    new NotebookGraft.Seen(written || !days.seen().isEmpty() ? seen(line, made, days) : null, sign),
                    orNull(cell(line, ColumnRole.PLACE)),
                    new NotebookGraft.Written(notes(line), fingerprint(line)));
        }

        // A look before the graft, after today or not dated is put on the nearest day that can be.
        private LocalDate seen(Line line, LocalDate made, DateOrder.Chosen days) {
            if (days.seen().isEmpty()) {
                return made;
            }
            LocalDate seen = days.seen().get(0);
            if (seen.isBefore(made)) {
                remarks.add(new Remark(
                        line.number(), "Looked at on " + seen + ", before it was made; the day it was made stands."));
                return made;
            }
            if (seen.isAfter(today)) {
                remarks.add(new Remark(
                        line.number(), "Looked at on " + seen + ", which lies ahead; the day it was made stands."));
                return made;
            }
            return seen;
        }

        private @Nullable LocalDate woodCut(Line line, LocalDate made) {
            DateReading reading = dates.read(cell(line, ColumnRole.WOOD_CUT_ON));
            LocalDate cut = reading.readable() ? reading.in(order.usual()) : null;
            return cut == null || cut.isAfter(made) || cut.isBefore(EARLIEST) ? null : cut;
        }

        private @Nullable Double length(Line line, ColumnRole role) {
            String written = cell(line, role);
            OptionalDouble mm = lengths.mm(written);
            boolean possible = mm.isPresent()
                    && mm.getAsDouble() >= BenchChecks.LEAST_MM
                    && mm.getAsDouble() <= BenchChecks.MOST_MM;
            if (!written.isEmpty() && !possible) {
                remarks.add(new Remark(line.number(), "\"" + written + "\" is not a diameter; left out."));
            }
            return possible ? mm.getAsDouble() : null;
        }

        // Notes keep what has no place of its own, an unknown technique too.
        private String notes(Line line) {
            List<String> parts = new ArrayList<>();
            for (int column = 0; column < roles.size(); column++) {
                if (roles.get(column) == ColumnRole.NOTES && !line.cell(column).isEmpty()) {
                    parts.add(line.cell(column));
                }
            }
            String how = cell(line, ColumnRole.TECHNIQUE);
            if (!how.isEmpty() && techniques.peek(how).isEmpty()) {
                parts.add("technique written as \"" + how + "\"");
            }
            return String.join("; ", parts);
        }

        private void refuse(Line line, Reason reason, String sentence) {
            refusals.add(new Refusal(line.number(), reason, sentence, line.cells()));
        }

        private String fingerprint(Line line) {
            return String.join("\u001f", line.cells());
        }

        private NotebookReport result() {
            List<NotebookReport.WordGuess> guesses = new ArrayList<>(results.guesses());
            guesses.addAll(techniques.guesses());
            guesses.addAll(species.guesses());
            List<NotebookReport.SpellingGuess> spellings = new ArrayList<>(varieties.guesses());
            spellings.addAll(makers.guesses());
            return new NotebookReport(
                    new NotebookReport.Form(
                            text.encoding(),
                            String.valueOf(table.delimiter()),
                            columns(),
                            order.usual() == DayOrder.DAY_FIRST,
                            order.sure(),
                            order.why(),
                            bareInches),
                    table.lines().size(),
                    List.copyOf(grafts),
                    List.copyOf(refusals),
                    List.copyOf(guesses),
                    List.copyOf(spellings),
                    List.copyOf(remarks));
        }

        private List<NotebookReport.Column> columns() {
            List<NotebookReport.Column> columns = new ArrayList<>();
            for (int column = 0; column < roles.size(); column++) {
                int number = column;
                List<String> samples = table.lines().stream()
                        .map(line -> line.cell(number))
                        .filter(cell -> !cell.isEmpty())
                        .distinct()
                        .limit(4)
                        .toList();
                ColumnRole role = roles.get(column);
                String ask = role == ColumnRole.IGNORED && !chosen.contains(column)
                        ? columnGuesser.ask(table, column).orElse(null)
                        : null;
                columns.add(new NotebookReport.Column(column, table.headings().get(column), role, samples, ask));
            }
            return columns;
        }
    }

    private static @Nullable String orNull(String text) {
        return text.isEmpty() ? null : text;
    }

    /** The spellings of one column, with the grower's say. */
    private static final class SpellingChoices {
        private final ColumnRole role;
        private final List<NotebookReport.SpellingGuess> guesses = new ArrayList<>();
        private final Map<String, String> settled = new HashMap<>();

        SpellingChoices(ColumnRole role, List<String> cells, NotebookChoices choices) {
            this.role = role;
            Spellings spellings = new Spellings();
            cells.forEach(spellings::add);
            spellings.proposals().forEach(proposal -> settle(proposal, choices));
        }

        private void settle(Spelling proposal, NotebookChoices choices) {
            boolean wanted =
                    proposal.likeness().mergedUnlessRefused() || choices.merge().contains(proposal.from());
            boolean merged = wanted && !choices.keepApart().contains(proposal.from());
            guesses.add(new NotebookReport.SpellingGuess(role, proposal, merged));
            if (merged) {
                settled.put(proposal.from(), proposal.to());
            }
        }

        // A near miss leads to the commonest spelling of its own first, then to the other name.
        String settled(String cell) {
            String once = settled.getOrDefault(cell, cell);
            return settled.getOrDefault(once, once);
        }

        List<NotebookReport.SpellingGuess> guesses() {
            return guesses;
        }
    }
}
