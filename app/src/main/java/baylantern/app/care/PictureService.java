package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.BeforeDoor;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Photo;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of grafts, as they were seen from look to look. */
@Service
public class PictureService implements BeforeDoor {

    private static final int MOST_OF_ONE = 200;

    private final PictureMapper mapper;
    private final PictureShelf shelf;
    private final GraftService grafts;
    private final TrailService trail;
    private final FarmClock clock;

    PictureService(PictureMapper mapper, PictureShelf shelf, GraftService grafts, TrailService trail, FarmClock clock) {
        this.mapper = mapper;
        this.shelf = shelf;
        this.grafts = grafts;
        this.trail = trail;
        this.clock = clock;
    }

    /** What became of a picture; the act takes it back. */
    record PictureDone(long actId, String sentence, long id) {}

    /** A picture ready to be kept. */
    record Kept(String file, int wide, int high) {}

    /** Makes a photo small and upright, without what the camera wrote beside it, and puts it on the shelf. */
    Kept shelved(byte[] photo) {
        BufferedImage image = Photo.read(photo, PictureShelf.LONGEST);
        try {
            return new Kept(shelf.keep(Photo.jpeg(image)), image.getWidth(), image.getHeight());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Says of what graft and day a picture is. */
    @Transactional
    PictureDone add(String code, Kept kept, @Nullable LocalDate told, @Nullable Long personId) {
        Graft graft = grafts.byCode(code);
        LocalDate day = Objects.requireNonNullElse(told, clock.today());
        if (day.isAfter(clock.today()) || day.isBefore(graft.madeOn())) {
            throw FarmProblem.wrong(
                    "day",
                    day,
                    graft.madeOn() + " to " + clock.today(),
                    code + " was made on " + graft.madeOn() + "; a picture of it is from then to today.");
        }
        List<PictureRow> there = mapper.of(graft.id());
        if (there.stream()
                .anyMatch(p -> p.file().equals(kept.file()) && p.takenOn().equals(day))) {
            throw FarmProblem.conflict("This picture is there already.");
        }
        if (there.size() >= MOST_OF_ONE) {
            throw FarmProblem.conflict(code + " has " + MOST_OF_ONE + " pictures; take one away first.");
        }
        String sentence = code + ": a picture";
        long act = trail.follow(sentence);
        PictureRow row = new PictureRow(0, graft.id(), day, kept.file(), kept.wide(), kept.high(), null);
        return new PictureDone(act, sentence, mapper.insert(row, personId));
    }

    /** The pictures of a graft, oldest first. */
    List<PictureRow> of(Graft graft) {
        return mapper.of(graft.id());
    }

    /** One picture itself, whole or small. */
    byte[] image(long id, boolean small) {
        PictureRow row = known(id);
        if (!shelf.has(row.file())) {
            throw FarmProblem.conflict("The file of this picture is no longer in the farm's folder.");
        }
        return small ? shelf.small(row.file()) : shelf.whole(row.file());
    }

    private PictureRow known(long id) {
        PictureRow row = mapper.byId(id);
        if (row == null) {
            throw FarmProblem.unknown("picture", id);
        }
        return row;
    }

    /** Takes a picture away. Its file goes at a later start, when this can no longer be taken back. */
    @Transactional
    PictureDone remove(long id) {
        PictureRow row = known(id);
        String sentence = grafts.byIds(List.of(row.graftId())).get(0).code() + ": a picture taken away";
        long act = trail.follow(sentence);
        Rows.oneOr(mapper.delete(id), FarmProblem.conflict("Somebody took this picture away already."));
        return new PictureDone(act, sentence, id);
    }

    /** The files of all pictures the farm speaks of. */
    @Transactional(readOnly = true)
    public List<String> files() {
        return mapper.files();
    }

    @Override
    public Turn turn() {
        return Turn.IN_ORDER;
    }

    /** At the start nobody can be on their way with a picture. */
    @Override
    @Transactional(readOnly = true)
    public void beforeDoor() {
        shelf.sweep(new HashSet<>(mapper.files()));
    }
}
