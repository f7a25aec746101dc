# Built without a network: from the jar that ./hilt build makes, and an image with Java 17 or newer that is there already.
# --build-arg JAVA=NAME names that image.
ARG JAVA
FROM ${JAVA}
COPY server/target/hilt-board-app.jar /hilt-board-app.jar
# A new volume takes its owner from here.
RUN install -d -o 10001 -g 10001 -m 0700 /data
# Without a language of UTF-8, Java can neither print the address's code nor name a folder with an umlaut.
ENV LANG=C.UTF-8 HILT_DATA=/data HILT_PORT=8095
VOLUME /data
EXPOSE 8095
USER 10001:10001
ENTRYPOINT ["java", "-Xmx512m", "-XX:+UseSerialGC", "-XX:+ExitOnOutOfMemoryError", "-jar", "/hilt-board-app.jar"]
