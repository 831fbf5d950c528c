package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Boxes are named as the screen names them, wherever they are sent in a request. */
class FieldWordsTest {

    @ParameterizedTest
    @CsvSource({
        "latitudeDeg, latitude",
        "site.longitudeDeg, longitude",
        "altitudeM, height above the sea",
        "grown[0].stocks.spot, spot",
        "plants[3].spotId, place",
        "techniqueKey, technique",
        "scionMm, scion",
        "productPct, strength of the product",
        "budsPerStick, buds per stick",
        "startedOn, day it was sown or planted",
        "people[2], people",
        "name, name"
    })
    void anEntryIsNamedInWords(String sent, String words) {
        assertThat(FieldWords.of(sent)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "latitudeDeg, is from −90 to 90 degrees, The latitude is from −90 to 90 degrees",
        "speciesKey, needs a species, This needs a species",
        "grown[1].speciesKey, needs a species, This needs a species"
    })
    void aRefusalIsASentenceAboutIt(String sent, String message, String sentence) {
        assertThat(FieldWords.sentence(sent, message)).isEqualTo(sentence);
    }
}
