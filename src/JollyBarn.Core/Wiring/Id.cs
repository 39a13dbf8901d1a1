using System.Diagnostics.CodeAnalysis;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace JollyBarn.Wiring;

/// <summary>Id of one kind of thing.</summary>
/// <remarks>
/// Of a box, run, lead, joint, device or circuit: one kind is never taken for another.
/// Text becomes an id where a signature asks for one, and an id becomes text where it is written; there is no way from the id of one kind
/// to that of another. A pigtail shares the ids of <see cref="Lead"/>, since a joint and a terminal hold both alike.
/// </remarks>
/// <typeparam name="T">What it is the id of.</typeparam>
[JsonConverter(typeof(IdJson))]
public readonly record struct Id<T>(string Text) : IComparable<Id<T>>, IParsable<Id<T>>
    where T : class
{
    public static implicit operator Id<T>(string text) => new(text);

    public static implicit operator Id<T>?(string? text) => text is null ? default(Id<T>?) : new Id<T>(text);

    public static implicit operator string(Id<T> id) => id.Text;

    public static implicit operator string?(Id<T>? id) => id?.Text;

    /// <summary>The order things are kept in: by the characters of their ids.</summary>
    public int CompareTo(Id<T> other) => string.CompareOrdinal(Text, other.Text);

    public bool Equals(Id<T> other) => string.Equals(Text, other.Text);

    public override int GetHashCode() => Text?.GetHashCode(StringComparison.Ordinal) ?? 0;

    public override string ToString() => Text;

    public static Id<T> Parse(string s, IFormatProvider? provider) => new(s);

    public static bool TryParse([NotNullWhen(true)] string? s, IFormatProvider? provider, out Id<T> result)
    {
        result = s is null ? default : new(s);
        return s is not null;
    }
}

/// <summary>Writes an id as its text, as a value and as the name of a property.</summary>
public sealed class IdJson : JsonConverterFactory
{
    private static readonly Dictionary<Type, JsonConverter> Kinds = new()
    {
        [typeof(Id<Box>)] = new Of<Box>(),
        [typeof(Id<Run>)] = new Of<Run>(),
        [typeof(Id<Lead>)] = new Of<Lead>(),
        [typeof(Id<Joint>)] = new Of<Joint>(),
        [typeof(Id<Device>)] = new Of<Device>(),
        [typeof(Id<Circuit>)] = new Of<Circuit>(),
    };

    /// <summary>True for the id of some kind of thing.</summary>
    public static bool IsId(Type type) => Kinds.ContainsKey(type);

    public override bool CanConvert(Type typeToConvert) => IsId(typeToConvert);

    public override JsonConverter CreateConverter(Type typeToConvert, JsonSerializerOptions options) => Kinds[typeToConvert];

    private sealed class Of<T> : JsonConverter<Id<T>>
        where T : class
    {
        public override Id<T> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            reader.TokenType == JsonTokenType.String ? new(reader.GetString()!) : throw new JsonException("An id is a text.");

        public override void Write(Utf8JsonWriter writer, Id<T> value, JsonSerializerOptions options) =>
            writer.WriteStringValue(value.Text);

        public override Id<T> ReadAsPropertyName(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            new(reader.GetString()!);

        public override void WriteAsPropertyName(Utf8JsonWriter writer, Id<T> value, JsonSerializerOptions options) =>
            writer.WritePropertyName(value.Text);
    }
}
