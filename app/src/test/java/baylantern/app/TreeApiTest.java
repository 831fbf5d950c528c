package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifDirectoryBase;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Grafts that become trees, plants that leave the farm, and pictures, through HTTP. */
class TreeApiTest extends ApiTest {

    private LocalDate today;

    @BeforeEach
    void farm() {
        http.smallFarm();
        http.post("/api/spots", Map.of("name", "Terrace"));
        today = http.today();
    }

    private String graft(int daysAgo, int stem) {
        return http.cleft(daysAgo, stem).json().get("codes").get(0).asString();
    }

    private JsonNode known(String code) {
        return http.sheet(code).get("stop").get("graft");
    }

    private Http.Answer look(String code, String sign, Map<String, Object> more) {
        Map<String, Object> entry = new HashMap<>(more);
        entry.put("sign", sign);
        JsonNode graft = known(code);
        entry.put(
                "grafts",
                List.of(Map.of(
                        "graftId",
                        graft.get("id").asLong(),
                        "version",
                        graft.get("version").asInt())));
        return http.post("/api/looks", entry);
    }

    private Http.Answer tree(String code, Map<String, Object> more) {
        Map<String, Object> entry =
                new HashMap<>(Map.of("version", known(code).get("version").asInt(), "spotId", 2, "kind", "FIELD_TREE"));
        entry.putAll(more);
        return http.post("/api/grafts/" + code + "/tree", entry);
    }

    @Test
    void anEstablishedGraftBecomesATreeOfItsVarietyAndAllOfItIsTakenBackAtOnce() {
        String code = graft(150, 1);
        look(code, "LEAFED", Map.of("seenOn", "" + today.minusDays(30)));
        Http.Answer grown = tree(code, Map.of());
        assertThat(grown.status()).as(grown.text()).isEqualTo(200);
        assertThat(grown.json().get("sentence").asString()).contains("AV-1").contains("Terrace");
        assertThat(known(code).get("state").asString()).isEqualTo("PLANTED_OUT");
        JsonNode plant =
                http.get("/api/plants?search=AV-1").json().get("plants").get(0);
        assertThat(plant.get("kind").asString()).isEqualTo("FIELD_TREE");
        assertThat(plant.get("varietyName").asString()).isEqualTo("Pale Buoy");
        assertThat(plant.get("spotName").asString()).isEqualTo("Terrace");
        JsonNode told = http.get("/api/trees/AV-1").json();
        assertThat(told.get("graftCode").asString()).isEqualTo(code);
        assertThat(told.get("firstFruit").get("earliest").asString())
                .isEqualTo("" + today.minusDays(150).plusDays(365));
        assertThat(http.get("/api/lineage/PLANT-" + plant.get("id").asLong()).text())
                .contains(code);
        assertThat(http.get("/api/sources").text()).contains("AV-1");
        http.post("/api/acts/" + grown.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(known(code).get("state").asString()).isEqualTo("LEAFED");
        JsonNode back = http.get("/api/plants?search=AV-1").json().get("plants").get(0);
        assertThat(back.get("kind").asString()).isEqualTo("SEEDLING_STOCK");
        assertThat(back.get("spotName").asString()).isEqualTo("Bench");
        assertThat(back.has("varietyName")).isFalse();
        assertThat(http.sheet(code).get("stop").get("tasks").size()).isPositive();
    }

    @Test
    void whatCannotBeATreeIsAskedOrRefused() {
        String young = graft(20, 1);
        Http.Answer asked = tree(young, Map.of());
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("fields").get(0).get("field").asString()).isEqualTo("sure");
        assertThat(known(young).get("state").asString()).isEqualTo("MADE");
        String dead = graft(60, 2);
        look(dead, "DEAD", Map.of());
        assertThat(tree(dead, Map.of()).json().get("detail").asString()).contains("failed");
        String old = graft(150, 3);
        look(old, "LEAFED", Map.of("seenOn", "" + today.minusDays(9)));
        assertThat(tree(old, Map.of("day", "" + today.plusDays(1))).status()).isEqualTo(422);
        assertThat(tree(old, Map.of("spotId", 99)).status()).isEqualTo(422);
        assertThat(tree(old, Map.of("kind", "SEEDLING_STOCK")).status()).isEqualTo(422);
        assertThat(tree(old, Map.of("version", 77)).status()).isEqualTo(409);
        assertThat(tree(old, Map.of()).status()).isEqualTo(200);
        assertThat(tree(old, Map.of()).json().get("detail").asString()).contains("is a tree already: Pale Buoy");
    }

    @Test
    void anOffcutIsAPlantOfItsVarietyOnlyOnceTheGraftWasSevered() {
        Map<String, Object> entry = new HashMap<>(Http.graftOf(1, "approach", today.minusDays(80), 1));
        entry.remove("lotId");
        String code = http.post("/api/grafts", entry).json().get("codes").get(0).asString();
        assertThat(http.post("/api/grafts/" + code + "/spare", Map.of("spotId", 1))
                        .status())
                .isEqualTo(422);
        look(code, "GREEN", Map.of("found", List.of("SEVERED"), "sure", true));
        Http.Answer spare = http.post("/api/grafts/" + code + "/spare", Map.of("spotId", 2));
        assertThat(spare.status()).isEqualTo(200);
        JsonNode plant = spare.json().get("plant");
        assertThat(plant.get("code").asString()).isEqualTo(code + "-R");
        assertThat(plant.get("varietyName").asString()).isEqualTo("Pale Buoy");
        assertThat(http.get("/api/lineage/PLANT-" + plant.get("id").asLong()).text())
                .contains(code);
        http.post("/api/acts/" + spare.json().get("actId").asLong() + "/undo", Map.of());
        assertThat(http.get("/api/plants?search=" + code).json().get("plants").size())
                .isZero();
    }

    @Test
    void aPlantLeavesWithItsDayAndWhomItWentTo() {
        String code = graft(150, 1);
        Map<String, Object> sold =
                new HashMap<>(Map.of("how", "SOLD", "to", " the neighbour ", "day", "" + today.minusDays(2)));
        long id = http.get("/api/plants?search=AV-1")
                .json()
                .get("plants")
                .get(0)
                .get("id")
                .asLong();
        Http.Answer asked = http.post("/api/plants/" + id + "/gone", sold);
        assertThat(asked.json().get("fields").get(0).get("field").asString()).isEqualTo("withGrafts");
        sold.put("withGrafts", true);
        Http.Answer gone = http.post("/api/plants/" + id + "/gone", sold);
        assertThat(gone.status()).isEqualTo(200);
        JsonNode told = http.get("/api/trees/AV-1").json().get("plant").get("gone");
        assertThat(told.get("to").asString()).isEqualTo("the neighbour");
        assertThat(told.get("on").asString()).isEqualTo("" + today.minusDays(2));
        assertThat(http.sheet(code).get("stop").get("tasks").size()).isZero();
        assertThat(http.post("/api/plants/" + id + "/gone", sold).status()).isEqualTo(409);
        assertThat(tree(code, Map.of("sure", true)).json().get("detail").asString())
                .contains("sold to the neighbour");
        assertThat(http.post("/api/plants/2/gone", Map.of("how", "DEAD", "to", "nobody"))
                        .status())
                .isEqualTo(422);
        assertThat(http.post("/api/plants/2/gone", Map.of("how", "DEAD", "day", "" + today.plusDays(1)))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aPictureIsKeptUprightSmallAndWithoutItsPlace() throws Exception {
        String code = graft(40, 1);
        byte[] photo = TestPhotos.jpegHeldUpright();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(photo))
                        .getDirectoriesOfType(ExifDirectoryBase.class))
                .isNotEmpty();
        String path = "/api/grafts/" + code + "/pictures";
        Http.Answer kept = http.file(path + "?day=" + today.minusDays(12), photo);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        JsonNode row = http.get(path).json().get("pictures").get(0);
        assertThat(row.get("wide").asInt()).isEqualTo(300);
        assertThat(row.get("high").asInt()).isEqualTo(400);
        assertThat(row.get("healingDays").asDouble()).isBetween(5.0, 40.0);
        String image = "/api/pictures/" + row.get("id").asLong();
        byte[] stored = http.get(image).bytes();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(stored))
                        .getDirectoriesOfType(ExifDirectoryBase.class))
                .isEmpty();
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(stored));
        assertThat(new Color(upright.getRGB(280, 20)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(20, 20)).getGreen()).isGreaterThan(200);
        BufferedImage small = ImageIO.read(
                new ByteArrayInputStream(http.get(image + "?small=true").bytes()));
        assertThat(small.getHeight()).isEqualTo(240);
        assertThat(http.file(path + "?day=" + today.minusDays(12), photo).status())
                .isEqualTo(409);
        http.send(http.request(image).DELETE());
        assertThat(http.get(path).json().get("pictures").size()).isZero();
        assertThat(http.get(image).status()).isEqualTo(404);
    }

    @Test
    void onlyPicturesThatCanBeReadAreKept() {
        String code = graft(40, 1);
        String path = "/api/grafts/" + code + "/pictures";
        assertThat(http.file(path, TestPhotos.png()).status()).isEqualTo(200);
        assertThat(http.file(path, TestPhotos.webp()).status()).isEqualTo(200);
        byte[] cut = Arrays.copyOf(TestPhotos.jpegHeldUpright(), 300);
        byte[][] refused = {
            TestPhotos.gif(),
            cut,
            new byte[0],
            "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8)
        };
        for (byte[] file : refused) {
            Http.Answer answer = http.file(path, file);
            assertThat(answer.status()).as(answer.text()).isEqualTo(422);
            assertThat(answer.json().get("detail").asString()).contains("JPEG, PNG or WebP");
        }
        assertThat(http.file(path, TestPhotos.bomb(100_000))
                        .json()
                        .get("detail")
                        .asString())
                .contains("100000 by 100000 points: too large");
        assertThat(http.file(path, new byte[20_000_001]).status()).isEqualTo(413);
        assertThat(http.file(path + "?day=" + today.plusDays(1), TestPhotos.png())
                        .status())
                .isEqualTo(422);
        assertThat(http.file("/api/grafts/NO-1/pictures", TestPhotos.png()).status())
                .isEqualTo(404);
        assertThat(http.get(path).json().get("pictures").size()).isEqualTo(2);
    }

    @Test
    void picturesTravelInTheZipAndADamagedOneIsRefusedWithAllTheRest() throws Exception {
        String code = graft(40, 1);
        String path = "/api/grafts/" + code + "/pictures";
        http.file(path, TestPhotos.jpegHeldUpright());
        byte[] whole = http.get("/api/pictures/1").bytes();
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        emptyFarm();
        Http.Answer refused = http.file("/api/exchange/farm.zip", damaged(zip));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("detail").asString()).contains("damaged; nothing was brought in");
        byte[] stray = renamed(zip);
        assertThat(http.file("/api/exchange/farm.zip", stray)
                        .json()
                        .get("detail")
                        .asString())
                .contains("No graft of this farm has");
        assertThat(http.file("/api/exchange/farm.zip", zip).status()).isEqualTo(200);
        assertThat(http.get("/api/pictures/1").bytes()).isEqualTo(whole);
        assertThat(http.get("/api/pictures/1?small=true").status()).isEqualTo(200);
    }

    private static byte[] damaged(byte[] zip) throws IOException {
        return changed(zip, name -> name, content -> content[content.length / 2] ^= 1);
    }

    private static byte[] renamed(byte[] zip) throws IOException {
        return changed(zip, name -> "pictures/" + "a".repeat(64) + ".jpg", content -> {});
    }

    // The same zip with another picture.
    private static byte[] changed(byte[] zip, UnaryOperator<String> name, Consumer<byte[]> turn) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                byte[] content = in.readAllBytes();
                boolean picture = entry.getName().startsWith("pictures/");
                if (picture) {
                    turn.accept(content);
                }
                out.putNextEntry(new ZipEntry(picture ? name.apply(entry.getName()) : entry.getName()));
                out.write(content);
            }
        }
        return bytes.toByteArray();
    }
}
