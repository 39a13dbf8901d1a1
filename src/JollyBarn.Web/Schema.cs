using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Web;

/// <summary>The JSON Schema of the open format, made from the types that read and write it.</summary>
public static class Schema
{
    private static readonly JsonSerializerOptions Indented = new() { WriteIndented = true, IndentSize = 1 };

    /// <summary>The schema as text, for serving and for docs.</summary>
    public static string Text { get; } = new Maker().Make();

    private sealed class Maker
    {
        private readonly SortedDictionary<string, JsonNode> definitions = new(StringComparer.Ordinal);

        public string Make()
        {
            var root = (JsonObject)Of(typeof(JobFile));
            root.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
            root.Insert(1, "title", "Jolly Barn job, format version 1");
            root["$defs"] = new JsonObject(definitions.Select(d => KeyValuePair.Create(d.Key, (JsonNode?)d.Value.DeepClone())));
            return root.ToJsonString(Indented) + "\n";
        }

        private JsonNode Of(Type type) =>
            JobJson.Default.Options.GetJsonSchemaAsNode(
                type,
                new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = Named }
            );

        /// <summary>Measures as what they are written as; every type of ours once, under its name.</summary>
        private JsonNode Named(JsonSchemaExporterContext context, JsonNode schema)
        {
            var type = Nullable.GetUnderlyingType(context.TypeInfo.Type) ?? context.TypeInfo.Type;
            if (type == typeof(Length) || type == typeof(Gauge))
            {
                return new JsonObject
                {
                    ["type"] = "string",
                    ["description"] = type == typeof(Length) ? "Length: 2 7/8 in, 73 mm" : "AWG: 14, 1/0",
                };
            }

            if (IdJson.IsId(type))
            {
                return AnId(type != context.TypeInfo.Type);
            }

            if (context.TypeInfo is { Kind: JsonTypeInfoKind.Enumerable, ElementType: { } listed } && IdJson.IsId(listed))
            {
                return new JsonObject { ["type"] = "array", ["items"] = AnId(false) };
            }

            if (type == typeof(Volume))
            {
                return new JsonObject { ["type"] = "number", ["description"] = "cubic inches" };
            }

            if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ById<,>))
            {
                var of = type.GetGenericArguments()[1];
                if (!definitions.ContainsKey(of.Name))
                {
                    definitions[of.Name] = Of(of);
                }

                return new JsonObject { ["type"] = "object", ["additionalProperties"] = Reference(of.Name) };
            }

            if (type.IsGenericType && schema is JsonObject repeated && repeated.ContainsKey("$ref"))
            {
                return new JsonObject { ["type"] = "array", ["items"] = Reference(type.GetGenericArguments()[0].Name) };
            }

            if (type.Namespace?.StartsWith("JollyBarn", StringComparison.Ordinal) != true || type == typeof(JobFile))
            {
                return schema;
            }

            var name = type.IsGenericType ? $"{type.Name.Split('`')[0]}Of{type.GetGenericArguments()[0].Name}" : type.Name;
            if (context.Path.Length == 0)
            {
                return schema;
            }

            if (schema is JsonObject whole && !whole.ContainsKey("$ref"))
            {
                NameIds(context.TypeInfo, whole);
                definitions.TryAdd(name, schema);
            }

            return Reference(name);
        }

        /// <summary>The exporter passes over a property it knows nothing of but a converter and an empty default.</summary>
        private static void NameIds(JsonTypeInfo info, JsonObject whole)
        {
            foreach (var property in info.Properties)
            {
                if (
                    Nullable.GetUnderlyingType(property.PropertyType) is { } maybe
                    && IdJson.IsId(maybe)
                    && whole["properties"]?[property.Name] is JsonObject said
                )
                {
                    said.Remove("type");
                    said.Insert(0, "type", new JsonArray("string", "null"));
                }
            }
        }

        private static JsonObject AnId(bool maybe) => new() { ["type"] = maybe ? new JsonArray("string", "null") : "string" };

        private static JsonObject Reference(string name) => new() { ["$ref"] = $"#/$defs/{name}" };
    }
}
