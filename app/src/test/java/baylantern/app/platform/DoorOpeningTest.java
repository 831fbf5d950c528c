package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.BeforeDoor.Turn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.StaticListableBeanFactory;

/** What is done before the door is opened is done by turns, and one that fails keeps nobody out. */
class DoorOpeningTest {

    private final List<Turn> done = new ArrayList<>();

    private BeforeDoor at(Turn turn) {
        return new BeforeDoor() {
            @Override
            public Turn turn() {
                return turn;
            }

            @Override
            public void beforeDoor() {
                done.add(turn);
                if (turn == Turn.OF_TODAY) {
                    throw new IllegalStateException("the station is silent");
                }
            }
        };
    }

    @Test
    void eachHasItsTurnAndOneThatFailsKeepsNobodyOut() {
        StaticListableBeanFactory beans = new StaticListableBeanFactory();
        Arrays.stream(Turn.values())
                .sorted(Comparator.reverseOrder())
                .forEach(turn -> beans.addBean(turn.name(), at(turn)));
        DoorOpening door = new DoorOpening(beans.getBeanProvider(BeforeDoor.class));
        door.start();
        assertThat(done).containsExactly(Turn.values());
        assertThat(door.isRunning()).isTrue();
    }
}
