package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Photo;
import baylantern.app.platform.Role;
import baylantern.core.care.GraftLife;
import baylantern.core.care.GraftState;
import baylantern.core.rules.Known;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of grafts. */
@RestController
@RequestMapping("/api")
class PicturesController {

    private final PictureService pictures;
    private final GraftService grafts;
    private final GraftLives lives;

    PicturesController(PictureService pictures, GraftService grafts, GraftLives lives) {
        this.pictures = pictures;
        this.grafts = grafts;
        this.lives = lives;
    }

    /**
     * A picture with how the graft stood that day.
     *
     * @param healingDays healing days from the making to the picture
     */
    record Picture(
            long id,
            LocalDate day,
            double healingDays,
            GraftState state,
            int wide,
            int high,
            @Nullable String who) {}

    /** The pictures of a graft, oldest first. */
    record Pictures(String code, String varietyName, List<Picture> pictures) {}

    @Needs(Role.GUEST)
    @GetMapping("/grafts/{code}/pictures")
    Pictures pictures(@PathVariable String code) {
        Graft graft = grafts.byCode(code);
        GraftLife life = Known.in(lives.of(List.of(graft)), graft.id());
        return new Pictures(
                graft.code(),
                graft.varietyName(),
                pictures.of(graft).stream()
                        .map(row -> picture(row, graft, life))
                        .toList());
    }

    private Picture picture(PictureRow row, Graft graft, GraftLife life) {
        return new Picture(
                row.id(),
                row.takenOn(),
                lives.healing(graft.speciesKey()).between(graft.madeOn(), row.takenOn()),
                life.stood(row.takenOn()),
                row.wide(),
                row.high(),
                row.personName());
    }

    @Needs(Role.HAND)
    @PostMapping(path = "/grafts/{code}/pictures", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    PictureService.PictureDone add(
            @PathVariable String code,
            @RequestParam(required = false) @Nullable LocalDate day,
            @RequestParam(required = false) @Nullable Long personId,
            InputStream photo)
            throws IOException {
        return pictures.add(code, pictures.shelved(photo.readNBytes(Photo.MOST_BYTES + 1)), day, personId);
    }

    /** The picture itself; under its number it is always the same. */
    @Needs(Role.GUEST)
    @GetMapping(path = "/pictures/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> image(@PathVariable long id, @RequestParam(defaultValue = "false") boolean small) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(pictures.image(id, small));
    }

    @Needs(Role.HAND)
    @DeleteMapping("/pictures/{id}")
    PictureService.PictureDone remove(@PathVariable long id) {
        return pictures.remove(id);
    }
}
