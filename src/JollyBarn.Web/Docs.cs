using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace JollyBarn.Web;

/// <summary>The OpenAPI document: measures are plain text or numbers, things kept by id are maps.</summary>
internal static class Docs
{
    public static void Configure(OpenApiOptions options)
    {
        var defaults = new Dictionary<string, IReadOnlyList<(string Name, JsonNode Value)>>(StringComparer.Ordinal);
        options.CreateSchemaReferenceId = info =>
            IdJson.IsId(Nullable.GetUnderlyingType(info.Type) ?? info.Type) ? null : OpenApiOptions.CreateDefaultSchemaReferenceId(info);
        options.AddDocumentTransformer(
            async (document, context, cancel) =>
            {
                document.Info = new OpenApiInfo
                {
                    Title = "Jolly Barn",
                    Version = "1",
                    Description =
                        "Everything the interface does. Errors are RFC 9457 problem details with a sentence in detail "
                        + "and the field in field.",
                };
                document.Servers?.Clear();
                foreach (var schema in document.Components!.Schemas!.Values.OfType<OpenApiSchema>())
                {
                    // What tells one kind from another is always written, so that a union can be told apart by it.
                    foreach (var kind in Discriminators.Where(k => schema.Properties?.ContainsKey(k) == true))
                    {
                        (schema.Required ??= new HashSet<string>()).Add(kind);
                    }
                }

                // Beside what RFC 9457 names, a refusal says at which field, and every error where it stands in the program's own log.
                var problem = (OpenApiSchema)document.Components!.Schemas![nameof(Microsoft.AspNetCore.Mvc.ProblemDetails)];
                problem.Properties!["field"] = Maybe("The field it is about.");
                problem.Properties["traceId"] = Maybe("Where it stands in the log of the program.");

                foreach (var type in OnlyInEdits)
                {
                    // What the generator meets first inside a kind of edit it leaves without its properties.
                    document.Components!.Schemas![type.Name] = await context.GetOrCreateSchemaAsync(type, null, cancel);
                }

                foreach (var (id, schema) in document.Components!.Schemas!)
                {
                    foreach (var (name, value) in defaults.GetValueOrDefault(id) ?? [])
                    {
                        SayDefault(schema.Properties is { } members && members.TryGetValue(name, out var member) ? member : null, value);
                    }
                }
            }
        );
        options.AddSchemaTransformer(
            async (schema, context, cancel) =>
            {
                var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
                if (type == typeof(Length))
                {
                    Plain(schema, JsonSchemaType.String, "Length: 2 7/8 in, 73 mm.");
                }
                else if (type == typeof(Gauge))
                {
                    Plain(schema, JsonSchemaType.String, "AWG: 14, 1/0.");
                }
                else if (type == typeof(Volume))
                {
                    // A mark is sent as it was read, and comes back in cubic inches.
                    var typed = context.JsonPropertyInfo?.DeclaringType == typeof(Fact<Volume>) ? JsonSchemaType.String : 0;
                    Plain(schema, JsonSchemaType.Number | typed, "Cubic inches, or text such as 295 ml.");
                }
                else if (IdJson.IsId(type))
                {
                    // Text wherever it stands, in place: what may be left out may be null.
                    var maybe = Nullable.GetUnderlyingType(context.JsonPropertyInfo?.PropertyType ?? context.JsonTypeInfo.Type) is not null;
                    Plain(schema, JsonSchemaType.String | (maybe ? JsonSchemaType.Null : 0), schema.Description);
                }
                else if (
                    context.JsonTypeInfo is { Kind: JsonTypeInfoKind.Enumerable, ElementType: { } of }
                    && (IdJson.IsId(of) || of == typeof(Gauge))
                )
                {
                    schema.Type = JsonSchemaType.Array;
                    schema.Items = await context.GetOrCreateSchemaAsync(of, null, cancel);
                }
                else if (context.JsonTypeInfo is { Kind: JsonTypeInfoKind.Dictionary, ElementType: { } listed } && IdsIn(listed))
                {
                    schema.AdditionalProperties = await context.GetOrCreateSchemaAsync(listed, null, cancel);
                }
                else if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ById<,>))
                {
                    schema.Type = JsonSchemaType.Object;
                    schema.Properties = null;
                    schema.Items = null;
                    schema.AdditionalProperties = await context.GetOrCreateSchemaAsync(type.GetGenericArguments()[1], null, cancel);
                }

                if (context.JsonTypeInfo.Kind == JsonTypeInfoKind.Object)
                {
                    // Kept until the document is whole: what a member is of is one schema for all members of its kind.
                    defaults[OpenApiOptions.CreateDefaultSchemaReferenceId(context.JsonTypeInfo) ?? ""] =
                    [
                        .. Defaults(context.JsonTypeInfo),
                    ];
                }

                if (AlwaysWhole(type) && context.JsonTypeInfo.Kind == JsonTypeInfoKind.Object)
                {
                    schema.Required = new HashSet<string>(
                        context
                            .JsonTypeInfo.Properties.Where(p =>
                                p.Get is not null && !p.IsGetNullable && Nullable.GetUnderlyingType(p.PropertyType) is null
                            )
                            .Select(p => p.Name)
                    );
                }
            }
        );
    }

    /// <summary>What members of a type are when they are left out, where that is a plain value.</summary>
    private static IEnumerable<(string Name, JsonNode Value)> Defaults(JsonTypeInfo info)
    {
        var blank = info.Type.IsAbstract ? null : info.Type.GetConstructor([])?.Invoke(null);
        foreach (var property in info.Properties)
        {
            var usual = property.AssociatedParameter is { IsMemberInitializer: false } asked
                ? asked.HasDefaultValue
                    ? asked.DefaultValue
                    : null
                : blank is not null && property.Set is not null
                    ? property.Get?.Invoke(blank)
                    : null;
            if (usual is bool or int or long or decimal or Enum or string { Length: > 0 })
            {
                yield return (property.Name, JsonSerializer.SerializeToNode(usual, info.Options.GetTypeInfo(usual.GetType()))!);
            }
        }
    }

    private static void SayDefault(IOpenApiSchema? member, JsonNode value)
    {
        if (member is OpenApiSchema own)
        {
            own.Default = value;
        }
        else if (member is OpenApiSchemaReference shared)
        {
            shared.Default = value;
        }
    }

    private static bool IdsIn(Type list) => list.IsGenericType && IdJson.IsId(list.GetGenericArguments()[0]);

    /// <summary>Types that only the program writes, and so with every property that is not null; what a person may send in part is left as
    /// it is.</summary>
    private static bool AlwaysWhole(Type type) =>
        type.Namespace is { } space
        && space.StartsWith("JollyBarn", StringComparison.Ordinal)
        && (type.IsClass || type == typeof(VolumeSpan))
        && !space.StartsWith("JollyBarn.Edits", StringComparison.Ordinal)
        && !type.Name.StartsWith("Plain", StringComparison.Ordinal)
        && !type.Name.EndsWith("Post", StringComparison.Ordinal)
        && !Sendable.Contains(type);

    /// <summary>Names of the properties that say which kind of edit or fault something is.</summary>
    private static readonly string[] Discriminators = ["do", "fault"];

    private static readonly Type[] OnlyInEdits = [typeof(CableSpec), typeof(Photo), typeof(Reading), typeof(Ruling)];

    private static readonly HashSet<Type> Sendable =
    [
        typeof(Place),
        typeof(Wall),
        typeof(WallLayer),
        typeof(Source),
        typeof(Panel),
        typeof(Breaker),
        typeof(Circuit),
        typeof(Reading),
        typeof(Photo),
        typeof(Ruling),
        typeof(Observation),
        typeof(Electrics.Situation),
        typeof(Planning.Held),
    ];

    private static OpenApiSchema Maybe(string says) => new() { Type = JsonSchemaType.String | JsonSchemaType.Null, Description = says };

    private static void Plain(OpenApiSchema schema, JsonSchemaType kind, string? says)
    {
        schema.Type = kind;
        schema.Properties = null;
        schema.Required = null;
        schema.Description = says;
    }
}
