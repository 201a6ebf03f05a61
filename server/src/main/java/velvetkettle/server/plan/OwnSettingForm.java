package velvetkettle.server.plan;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * What the maker settled for one medium; null where it is left to sheet, trade and heat. See {@link
 * OwnSetting}.
 */
public record OwnSettingForm(
    @NotBlank @Size(max = 40) String medium,
    @Nullable @Min(40) @Max(280) Double dial,
    @Nullable @Min(1) @Max(300) Double time,
    @Nullable @Min(0) @Max(60) Double drying,
    @Nullable CoverSheet cover,
    @Nullable Boolean cooled,
    @Nullable Boolean raised,
    @Nullable @Min(1) @Max(120) Double fromBack,
    @Nullable @Size(max = 60) String press) {
  OwnSetting own() {
    return new OwnSetting(
        medium,
        quantity(dial, Celsius::of),
        quantity(time, Seconds::of),
        quantity(drying, Seconds::of),
        cover,
        cooled,
        raised,
        quantity(fromBack, Seconds::of),
        press);
  }

  OwnSettingForm toolNamed(UnaryOperator<String> name) {
    String named = press == null ? null : name.apply(press);
    return new OwnSettingForm(medium, dial, time, drying, cover, cooled, raised, fromBack, named);
  }

  private static <T> @Nullable T quantity(@Nullable Double number, DoubleFunction<T> make) {
    return number == null ? null : make.apply(number);
  }
}
