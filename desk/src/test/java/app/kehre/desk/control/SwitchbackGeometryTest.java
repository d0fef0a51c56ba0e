package app.kehre.desk.control;

import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.timeline.Stretch;

import static org.assertj.core.api.Assertions.assertThat;

class SwitchbackGeometryTest {

    private final SwitchbackGeometry road = new SwitchbackGeometry(
            600 + SwitchbackGeometry.LEFT + SwitchbackGeometry.RIGHT, 50, 0, 0, 10);

    private static Stretch stretch(int from, int to) {
        return new Stretch(Duration.ofSeconds(from), Duration.ofSeconds(to));
    }

    @Test
    void aSecondIsAsWideInEveryRow() {
        assertThat(road.pieces(stretch(0, 20)).getFirst().width()).isEqualTo(20);
        assertThat(road.pieces(stretch(1200, 1220)).getFirst()).isEqualTo(
                new SwitchbackGeometry.Piece(2, SwitchbackGeometry.LEFT, 20, true));
    }

    @Test
    void rowsOfFiveMinutesGiveASecondTwiceTheRoom() {
        SwitchbackGeometry close = new SwitchbackGeometry(
                600 + SwitchbackGeometry.LEFT + SwitchbackGeometry.RIGHT, 50, 0, 0, 5);

        assertThat(close.pieces(stretch(0, 20)).getFirst().width()).isEqualTo(40);
        assertThat(close.rowOf(Duration.ofSeconds(301))).isOne();
    }

    @Test
    void whatCrossesTheBendIsDrawnInTwoPieces() {
        List<SwitchbackGeometry.Piece> pieces = road.pieces(stretch(590, 630));

        assertThat(pieces).extracting(SwitchbackGeometry.Piece::row).containsExactly(0, 1);
        assertThat(pieces).extracting(SwitchbackGeometry.Piece::width).containsExactly(10.0, 30.0);
        assertThat(pieces).extracting(SwitchbackGeometry.Piece::first).containsExactly(true, false);
    }

    @Test
    void whatEndsAtTheBendStaysInItsRow() {
        assertThat(road.pieces(stretch(540, 600))).extracting(SwitchbackGeometry.Piece::row)
                .containsExactly(0);
    }

    @Test
    void pointingFindsTheSecondThatIsDrawnThere() {
        for (int second = 5; second < 3600; second += 97) {
            SwitchbackGeometry.Piece piece = road.pieces(stretch(second, second + 1)).getFirst();
            Duration found = road.moment(piece.x() + 0.5, road.blockTop(piece.row()) + 3).orElseThrow();
            assertThat(found.toSeconds()).isEqualTo(second);
        }
    }

    @Test
    void besideTheBlocksThereIsNothingToPointAt() {
        assertThat(road.moment(3, road.blockTop(0) + 3)).isEmpty();
        assertThat(road.moment(100, road.blockTop(0) - 1)).isEmpty();
        assertThat(road.moment(road.width() - 2, road.blockTop(0) + 3)).isEmpty();
    }
}
