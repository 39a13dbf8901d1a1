using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Resistance of conductors, from gauge, metal and temperature.</summary>
/// <remarks>Copper of IEC 60028: 0.017241 Ω·mm²/m at 20 °C, 0.00393 /K. Diameters of ASTM B258: 0.005 in × 92^((36 − n) / 39). All from
/// memory.</remarks>
public static class Copper
{
    /// <summary>Chapter 9 Table 8 tells resistances at this temperature; drops and least fault currents use it.</summary>
    public const double HotCelsius = 75;

    /// <summary>Greatest fault currents are those of cold conductors.</summary>
    public const double ColdCelsius = 20;

    private const double MillimetresPerInch = 25.4;
    private const double MetresPerFoot = 0.3048;

    /// <summary>6 AWG and thicker are stranded; the lay makes the way about 2 % longer.</summary>
    private const double Lay = 1.02;
    private const int Stranded = 6;

    /// <summary>Diameter of the bare solid conductor, in. 14 AWG: 0.0641.</summary>
    public static double DiameterInches(Gauge gauge) => 0.005 * Math.Pow(92, (36 - gauge.Number) / 39.0);

    /// <summary>Ω of so many feet of one conductor.</summary>
    /// <remarks>1000 ft of 14 AWG solid copper at 75 °C: 3.07 Ω, as in NEC Chapter 9 Table 8.</remarks>
    /// <param name="celsius">Temperature of the metal, °C.</param>
    public static double Ohms(Gauge gauge, double feet, double celsius = HotCelsius, Metal metal = Metal.Copper)
    {
        var (resistivity, rise) = metal is Metal.Aluminum or Metal.CopperClad ? (0.028264, 0.00403) : (0.017241, 0.00393);
        var millimetres = DiameterInches(gauge) * MillimetresPerInch;
        var area = Math.PI / 4 * millimetres * millimetres;
        return resistivity * (1 + (rise * (celsius - 20))) * feet * MetresPerFoot / area * (gauge.Number <= Stranded ? Lay : 1);
    }
}
