using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace JollyBarn.Wiring;

/// <summary>Writes a <see cref="ById{TId, T}"/> as one JSON object, a property an id.</summary>
public sealed class ByIdJson<TId, T> : JsonConverter<ById<TId, T>>
    where TId : IParsable<TId>, IComparable<TId>
    where T : class
{
    public override ById<TId, T> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        if (reader.TokenType != JsonTokenType.StartObject)
        {
            throw new JsonException("Things are kept in one object, a property an id.");
        }

        var info = (JsonTypeInfo<T>)options.GetTypeInfo(typeof(T));
        var items = new List<KeyValuePair<TId, T>>();
        while (reader.Read() && reader.TokenType == JsonTokenType.PropertyName)
        {
            var id = reader.GetString()!;
            if (!Ids.IsGood(id))
            {
                throw new JsonException($"\"{Ids.Shown(id)}\" is not an id. {Ids.Rule}");
            }

            reader.Read();
            items.Add(
                new(TId.Parse(id, null), JsonSerializer.Deserialize(ref reader, info) ?? throw new JsonException($"\"{id}\" is null."))
            );
        }

        return ById<TId, T>.From(items);
    }

    public override void Write(Utf8JsonWriter writer, ById<TId, T> value, JsonSerializerOptions options)
    {
        var info = (JsonTypeInfo<T>)options.GetTypeInfo(typeof(T));
        writer.WriteStartObject();
        foreach (var (id, item) in value)
        {
            writer.WritePropertyName(id.ToString()!);
            JsonSerializer.Serialize(writer, item, info);
        }

        writer.WriteEndObject();
    }
}
