using System.Text.Json;
using System.Text.Json.Serialization;

namespace JollyBarn.Measures;

/// <summary>Writes a length as its exact text; reads any text <see cref="Length.TryParse"/> takes.</summary>
public sealed class LengthJson : JsonConverter<Length>
{
    public override Length Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType == JsonTokenType.String && Length.TryParse(reader.GetString(), out var length)
            ? length
            : throw new JsonException("A length is text such as \"2 7/8\", \"2.875\" or \"73 mm\".");

    public override void Write(Utf8JsonWriter writer, Length value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.ToString());
}

/// <summary>Writes a volume as a number of cubic inches without trailing zeros.</summary>
public sealed class VolumeJson : JsonConverter<Volume>
{
    public override Volume Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType switch
        {
            JsonTokenType.Number when reader.TryGetDecimal(out var number) && Math.Abs(number) <= 100_000m => Volume.Of(number),
            JsonTokenType.String when Volume.TryParse(reader.GetString(), out var volume) => volume,
            _ => throw new JsonException("A volume is a number of cubic inches, such as 18 or \"295 ml\", at most 100000."),
        };

    public override void Write(Utf8JsonWriter writer, Volume value, JsonSerializerOptions options) =>
        writer.WriteNumberValue(value.CubicInches);
}

/// <summary>Writes a gauge as text, <c>"14"</c> or <c>"1/0"</c>; reads a whole number too.</summary>
public sealed class GaugeJson : JsonConverter<Gauge>
{
    public override Gauge Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType switch
        {
            JsonTokenType.String when Gauge.TryParse(reader.GetString(), out var gauge) => gauge,
            JsonTokenType.Number when reader.TryGetInt32(out var number) && number is >= 1 and <= 40 => Gauge.Awg(number),
            _ => throw new JsonException("A gauge is AWG text such as \"14\" or \"1/0\"."),
        };

    public override void Write(Utf8JsonWriter writer, Gauge value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.ToString());
}
