#include <QTest>

#include "core/book/kept.hpp"
#include "io/kept_documents.hpp"
#include "support/sample_request.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;

class KeptWindTest : public QObject {
    Q_OBJECT
private slots:
    void theForecastStaysBesideTheWindFound();
};

void KeptWindTest::theForecastStaysBesideTheWindFound() {
    book::KeptFlight flight;
    flight.name = "one";
    flight.flown = tests::sample_request();
    auto& weather = flight.flown.weather;
    weather.wind = {4.0, 250.0};
    weather.wind_height_m = 10.0;
    weather.wind_table = {{10.0, {3.0, 240.0}}, {100.0, {6.0, 260.0}}};
    weather.wind_growth_mps_per_h = 1.5;
    weather.temperature_c = 7.0;
    const auto forecast = weather;
    book::take_found_wind(flight, {5.5, 236.0});
    QCOMPARE(weather.wind, (atmosphere::Wind{5.5, 236.0}));
    QVERIFY(weather.wind_table.empty() && !weather.wind_height_m);
    QCOMPARE(weather.wind_growth_mps_per_h, 0.0);
    QCOMPARE(weather.temperature_c, 7.0);
    QVERIFY(book::forecast_weather(flight) == forecast);
    // Another found wind does not make the first one the forecast.
    book::take_found_wind(flight, {5.6, 238.0});
    QVERIFY(book::forecast_weather(flight) == forecast);
    // The document keeps both.
    const auto read = io::kept_flight_from_json(io::json_from(flight), "one");
    QVERIFY(read.has_value());
    QVERIFY(read->forecast_wind == flight.forecast_wind);
    QCOMPARE(read->flown.weather.wind, weather.wind);
    book::take_forecast_wind(flight);
    QVERIFY(weather == forecast);
    QVERIFY(!flight.forecast_wind);
    // Without one, nothing changes.
    book::take_forecast_wind(flight);
    QVERIFY(weather == forecast);
}

SOBREMESA_TEST(KeptWindTest)
#include "tst_kept_wind.moc"
