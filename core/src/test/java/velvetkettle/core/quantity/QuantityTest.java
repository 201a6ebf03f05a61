package velvetkettle.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class QuantityTest {
  /** Fixed points of the scales by definition; press settings: conversion tables, from memory. */
  @ParameterizedTest
  @CsvSource({
    "-40, -40",
    "0, 32",
    "100, 212",
    "149, 300.2",
    "160, 320",
    "196.111, 385",
    "204.444, 400"
  })
  void celsiusToFahrenheitAndBack(double celsius, double fahrenheit) {
    assertThat(Celsius.of(celsius).fahrenheit()).isCloseTo(fahrenheit, within(1e-3));
    assertThat(Celsius.ofFahrenheit(fahrenheit).degrees()).isCloseTo(celsius, within(1e-3));
  }

  @Test
  @DisplayName("a difference of 10 K is 10 degrees warmer, and a difference can be negative")
  void differences() {
    Celsius warm = Celsius.of(150).plus(Kelvin.of(10));
    assertThat(warm).isEqualTo(Celsius.of(160));
    assertThat(Celsius.of(150).above(warm)).isEqualTo(Kelvin.of(-10));
    assertThat(warm.minus(Kelvin.of(20))).isEqualTo(Celsius.of(140));
  }

  /** 1 inch is 25.4 mm exactly (international yard and pound agreement, 1959). */
  @ParameterizedTest
  @CsvSource({"25.4, 1", "254, 10", "279.4, 11", "215.9, 8.5"})
  void millimetresToInchesAndBack(double millimetres, double inches) {
    assertThat(Millimetres.of(millimetres).inches()).isCloseTo(inches, within(1e-9));
    assertThat(Millimetres.ofInches(inches).count()).isCloseTo(millimetres, within(1e-9));
  }

  static Stream<Arguments> limits() {
    return Stream.of(
        Arguments.of("temperature", (DoubleFunction<?>) Celsius::of, -40, 400),
        Arguments.of("temperature difference", (DoubleFunction<?>) Kelvin::of, -500, 500),
        Arguments.of("time", (DoubleFunction<?>) Seconds::of, 0, 2_592_000),
        Arguments.of("length", (DoubleFunction<?>) Millimetres::of, 0, 10_000),
        Arguments.of("pressure", (DoubleFunction<?>) KiloPascal::of, 0, 500),
        Arguments.of("weight", (DoubleFunction<?>) GramsPerSquareMetre::of, 5, 3000));
  }

  @ParameterizedTest
  @MethodSource("limits")
  @DisplayName("what no press or cloth can have is refused by name and limit")
  void refusedOutsideItsLimits(String name, DoubleFunction<?> make, double low, double high) {
    assertThat(make.apply(low)).isEqualTo(make.apply(low));
    assertThat(make.apply(high)).isNotEqualTo(make.apply(low));
    for (double wrong : new double[] {low - 0.01, high + 0.01, Double.NaN, 1e300}) {
      assertThatThrownBy(() -> make.apply(wrong))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining(name)
          .hasMessageContaining(Double.toString(low))
          .hasMessageContaining(Double.toString(high));
    }
  }

  @Test
  void rangesClampAndInterpolate() {
    CelsiusRange range = CelsiusRange.of(130, 150);
    assertThat(range.at(0.25)).isEqualTo(Celsius.of(135));
    assertThat(range.clamp(Celsius.of(120))).isEqualTo(range.low());
    assertThat(range.clamp(Celsius.of(151))).isEqualTo(range.high());
    assertThat(range.clamp(Celsius.of(140))).isEqualTo(Celsius.of(140));
    SecondsRange times = SecondsRange.of(10, 15);
    assertThat(times.at(0.5)).isEqualTo(Seconds.of(12.5));
    assertThat(times.clamp(Seconds.of(60))).isEqualTo(Seconds.of(15));
  }

  @Test
  void aRangeUpsideDownIsRefused() {
    assertThatThrownBy(() -> CelsiusRange.of(150, 130)).hasMessageContaining("lies above");
    assertThatThrownBy(() -> SecondsRange.of(15, 10)).hasMessageContaining("lies above");
  }

  @Test
  @DisplayName("the order of temperatures is the order of their degrees, in any unit")
  void orderIsKept() {
    Random random = new Random(7);
    for (int i = 0; i < 500; i++) {
      Celsius a = Celsius.of(random.nextDouble() * 300);
      Celsius b = Celsius.of(random.nextDouble() * 300);
      assertThat(Integer.signum(a.compareTo(b)))
          .isEqualTo(Integer.signum(Double.compare(a.fahrenheit(), b.fahrenheit())));
    }
  }
}
