using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace JollyBarn.Web;

/// <summary>Why a body does not read: the first field that is not as it must be, with its whole path, and what would be taken
/// there.</summary>
internal static class Explain
{
    private const int Few = 24;

    /// <summary>Walks a body beside the shape it should have. Null when nothing is found wrong.</summary>
    /// <param name="options">How the body was read.</param>
    public static (string Says, string Field)? Body(JsonElement body, Type type, JsonSerializerOptions options) =>
        Value(body, type, false, "", options) is { } wrong
            ? (
                char.IsUpper(wrong.Says[0]) ? wrong.Says
                : wrong.Field.Length == 0 ? $"The body {wrong.Says}"
                : $"{wrong.Field} {wrong.Says}",
                wrong.Field
            )
            : null;

    private static (string Says, string Field)? Value(
        JsonElement value,
        Type type,
        bool nullable,
        string path,
        JsonSerializerOptions options
    )
    {
        if (value.ValueKind == JsonValueKind.Null)
        {
            return nullable || Nullable.GetUnderlyingType(type) is not null
                ? null
                : ($"may not be null: it is {Wanted(type, options)}.", path);
        }

        var info = options.GetTypeInfo(Nullable.GetUnderlyingType(type) ?? type);
        return info.Kind switch
        {
            JsonTypeInfoKind.Object when value.ValueKind != JsonValueKind.Object => ("is to be an object.", path),
            JsonTypeInfoKind.Object => Members(value, info, path, options),
            JsonTypeInfoKind.Enumerable when value.ValueKind != JsonValueKind.Array => ("is to be a list.", path),
            JsonTypeInfoKind.Enumerable => First(
                value.EnumerateArray().Select((item, i) => Value(item, info.ElementType!, false, $"{path}[{i}]", options))
            ),
            JsonTypeInfoKind.Dictionary when value.ValueKind != JsonValueKind.Object => ("is to be an object.", path),
            JsonTypeInfoKind.Dictionary => First(
                value.EnumerateObject().Select(item => Value(item.Value, info.ElementType!, false, Under(path, item.Name), options))
            ),
            _ => Reads(value, info.Type, options) is not { } why
                ? null
                : (why.Length > 0 ? why : $"is to be {Wanted(info.Type, options)}.", path),
        };
    }

    private static (string Says, string Field)? Members(JsonElement value, JsonTypeInfo info, string path, JsonSerializerOptions options)
    {
        string? kind = null;
        if (info.PolymorphismOptions is { } many)
        {
            kind = many.TypeDiscriminatorPropertyName;
            var names = many.DerivedTypes.Select(d => d.TypeDiscriminator?.ToString() ?? "").ToList();
            if (!value.TryGetProperty(kind, out var said))
            {
                return ($"is missing: it says what this is, {OneOf(names)}.", Under(path, kind));
            }

            if (said.ValueKind != JsonValueKind.String || names.IndexOf(said.GetString()!) is not (>= 0 and var at))
            {
                return ($"is to be {OneOf(names)}.", Under(path, kind));
            }

            info = options.GetTypeInfo(many.DerivedTypes[at].DerivedType);
        }

        var known = info.Properties.Where(p => p.Set is not null || p.AssociatedParameter is not null).ToList();
        foreach (var member in value.EnumerateObject().Where(m => m.Name != kind))
        {
            if (known.Find(p => p.Name == member.Name) is not { } property)
            {
                return ($"is not known here: there are {Listed([.. known.Select(p => p.Name)], "and")}.", Under(path, member.Name));
            }

            if (Value(member.Value, property.PropertyType, MayBeNull(property), Under(path, member.Name), options) is { } wrong)
            {
                return wrong;
            }
        }

        return known.Find(p => Required(p) && !value.TryGetProperty(p.Name, out _)) is { } missing
            ? ($"is missing: {Wanted(missing.PropertyType, options)}.", Under(path, missing.Name))
            : null;
    }

    private static bool MayBeNull(JsonPropertyInfo property) => property.IsSetNullable || property.AssociatedParameter?.IsNullable == true;

    private static bool Required(JsonPropertyInfo property) =>
        property.IsRequired || property.AssociatedParameter is { HasDefaultValue: false, IsMemberInitializer: false };

    private static (string Says, string Field)? First(IEnumerable<(string Says, string Field)?> found) =>
        found.FirstOrDefault(f => f is not null);

    private static string Under(string path, string name) => path.Length == 0 ? name : $"{path}.{name}";

    /// <summary>Null where a value reads; otherwise the sentence of its kind, empty where it has none of its own.</summary>
    private static string? Reads(JsonElement value, Type type, JsonSerializerOptions options)
    {
        try
        {
            _ = value.Deserialize(type, options);
            return null;
        }
        catch (Exception problem) when (problem is JsonException or NotSupportedException or FormatException or InvalidOperationException)
        {
            var says = problem.Message.Split(" Path:")[0];
            return problem is JsonException { InnerException: null } && !Foreign.Exists(f => says.Contains(f, StringComparison.Ordinal))
                ? says
                : "";
        }
    }

    /// <summary>What stands in sentences that are not of this program.</summary>
    private static readonly List<string> Foreign = ["JSON", "System.", "JollyBarn."];

    /// <summary>What is taken for a type.</summary>
    public static string Wanted(Type type, JsonSerializerOptions? options = null)
    {
        type = Nullable.GetUnderlyingType(type) ?? type;
        if (type.IsEnum)
        {
            return OneOf([.. Enum.GetNames(type)]);
        }

        return Type.GetTypeCode(type) switch
        {
            TypeCode.Boolean => "true or false",
            TypeCode.Int32 or TypeCode.Int64 => "a whole number",
            TypeCode.Decimal or TypeCode.Double => "a number",
            TypeCode.String => "text",
            _ => options?.GetTypeInfo(type).Kind switch
            {
                JsonTypeInfoKind.Object or JsonTypeInfoKind.Dictionary => "an object",
                JsonTypeInfoKind.Enumerable => "a list",
                _ => Named.GetValueOrDefault(type.IsGenericType ? type.GetGenericTypeDefinition() : type, "text of its kind"),
            },
        };
    }

    /// <summary>Values that are written as text.</summary>
    private static readonly Dictionary<Type, string> Named = new()
    {
        [typeof(Wiring.Id<>)] = "an id of letters, figures, dots, dashes and slashes",
        [typeof(Measures.Length)] = "a length such as \"2 7/8\" or \"73 mm\"",
        [typeof(Measures.Volume)] = "a volume such as 18 or \"295 ml\"",
        [typeof(Measures.Gauge)] = "a gauge such as \"14\" or \"1/0\"",
    };

    private static string OneOf(List<string> names) => names.Count == 1 ? names[0] : "one of " + Listed(names, "or");

    private static string Listed(List<string> names, string last) =>
        names.Count > Few ? $"{string.Join(", ", names.Take(Few))} and {names.Count - Few} more, as the OpenAPI document lists them"
        : names.Count > 1 ? $"{string.Join(", ", names.SkipLast(1))} {last} {names[^1]}"
        : string.Concat(names);
}
